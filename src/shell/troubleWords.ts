import { type Trouble, type TroubleKind } from "@/state";

interface TroubleWords {
  readonly title: string;
  /** What is wrong. */
  readonly what: string;
  /** What the player can do. */
  readonly remedy: string;
}

/** What each trouble is called, and what to do about it. */
const WORDS: Readonly<Record<TroubleKind, (trouble: Trouble) => TroubleWords>> = {
  garbage: () => ({
    title: "This is not a Tenon data file",
    what: "Something else was written over tenon.sqlite: it does not begin the way a database does.",
    remedy: "Put your own tenon.sqlite back, or use a copy. What is there now is kept beside it.",
  }),
  cut: ({ detail }) => ({
    title: "The data file was cut short",
    what: `The end of tenon.sqlite is missing: ${detail}.`,
    remedy: "Put your own tenon.sqlite back, or use a copy. What is there now is kept beside it.",
  }),
  damaged: () => ({
    title: "The data file is damaged",
    what: "Parts of tenon.sqlite contradict each other. The disk or the copy it came from may be bad.",
    remedy: "Use a copy. The damaged file is kept beside it, for somebody who can mend it.",
  }),
  newer: ({ detail }) => {
    const [saved, known] = detail.split(", ");
    return {
      title: "The data are from a newer Tenon",
      what: `They are of version ${saved}; this Tenon knows versions up to ${known}, and leaves them alone.`,
      remedy:
        "Update Tenon, point TENON_DATA to another folder, or go back to a copy. The newer data are kept beside it.",
    };
  },
  missing: () => ({
    title: "The data file is missing",
    what: "The folder was used before, but tenon.sqlite is not in it.",
    remedy: "Put it back and look again, use a copy, or begin with new data.",
  }),
  "unusable folder": ({ detail }) => ({
    title: "The data folder cannot be used",
    what: `It cannot be made or written to: ${detail}.`,
    remedy: "Give yourself the right to write there, or point TENON_DATA to another folder.",
  }),
  "in use": ({ detail }) => ({
    title: "Another Tenon has these data open",
    what: detail ? `It answers at ${detail}.` : "It runs on this machine.",
    remedy: "Use that one, or end it and look again here.",
  }),
  gone: () => ({
    title: "The data folder is gone",
    what: "tenon.sqlite was moved or deleted while Tenon was running. Nothing is saved until it is back.",
    remedy: "Put the folder back and look again, or begin with new data.",
  }),
  replaced: () => ({
    title: "The data file was replaced",
    what: "While Tenon was running, another tenon.sqlite was put in the place of the one it had open.",
    remedy: "Open what is there now, or put the old one back and look again.",
  }),
  unknown: () => ({
    title: "The data cannot be read",
    what: "The window in which Tenon runs says why.",
    remedy: "Look again; if it stays, restart Tenon, or use a copy.",
  }),
};

export function troubleWords(trouble: Trouble): TroubleWords {
  return WORDS[trouble.kind](trouble);
}

import { type Trouble, type TroubleKind } from "@/wire";

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
    what: "Something else was written over tenon.sqlite: it does not start the way a database does.",
    remedy: PUT_BACK,
  }),
  cut: ({ detail }) => ({
    title: "The data file was cut short",
    what: `The end of tenon.sqlite is missing: ${detail}.`,
    remedy: PUT_BACK,
  }),
  damaged: () => ({
    title: "The data file is damaged",
    what: "Parts of tenon.sqlite contradict each other. The disk may be failing.",
    remedy: "Use a copy. The damaged file is kept beside it, in case somebody can repair it.",
  }),
  newer: ({ detail }) => {
    const [saved, known] = detail.split(", ");
    return {
      title: "This data is from a newer Tenon",
      what: `It is version ${saved}; this Tenon knows versions up to ${known}, and leaves it alone.`,
      remedy:
        "Update Tenon, point TENON_DATA to another folder, or use a copy. The newer data is kept beside it.",
    };
  },
  missing: () => ({
    title: "The data file is missing",
    what: "This folder was used before, but tenon.sqlite is not in it.",
    remedy: "Put it back and check again, use a copy, or start with new data.",
  }),
  "unusable folder": ({ detail }) => ({
    title: "The data folder cannot be used",
    what: `It cannot be created or written to: ${detail}.`,
    remedy: "Give yourself permission to write there, or point TENON_DATA to another folder.",
  }),
  "in use": ({ detail }) => ({
    title: "Another Tenon has this data open",
    what: detail ? `It is running at ${detail}.` : "It is running on this computer.",
    remedy: "Use that one, or close it and check again here.",
  }),
  gone: () => ({
    title: "The data folder is gone",
    what: "tenon.sqlite was moved or deleted while Tenon was running. Nothing is saved until it is back.",
    remedy: "Put the folder back and check again, or start with new data.",
  }),
  replaced: () => ({
    title: "The data file was replaced",
    what: "While Tenon was running, another tenon.sqlite took the place of the one it had open.",
    remedy: "Open what is there now, or put the old file back and check again.",
  }),
  unknown: () => ({
    title: "The data cannot be read",
    what: "The window in which Tenon runs says why.",
    remedy: "Check again; if that does not help, restart Tenon or use a copy.",
  }),
};

const PUT_BACK =
  "Put your own tenon.sqlite back, or use a copy. The file that is there now is kept beside it.";

export function troubleWords(trouble: Trouble): TroubleWords {
  return WORDS[trouble.kind](trouble);
}

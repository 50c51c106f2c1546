import { object, string } from "yup";
import { defineCommand } from "@/cli/command";
import { parseNote } from "@/core/pitch";
import { success } from "@/core/result";
import { FORM_CHORDS, SONG_FORMS, writeForm } from "@/core/song";

export const formCommand = defineCommand({
  name: "form",
  summary: "twelve bars: --kind 'quick change' --key A --chords sevenths",
  schema: object({
    kind: string().oneOf(SONG_FORMS).required(),
    key: string().defined(),
    chords: string().oneOf(FORM_CHORDS),
  }).noUnknown(),
  run: ({ kind, key, chords = "fives" }) => {
    // "Am" says the same as "A" for the minor form.
    const note = parseNote(kind === "minor" ? key.replace(/m$/, "") : key, "key");
    return note.ok ? success({ text: writeForm(kind, note.value, chords) }) : note;
  },
  print: ({ text }) => text,
});

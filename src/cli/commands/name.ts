import { object } from "yup";
import {
  fretsArgument,
  frettingArgument,
  guitarArgument,
  rootArgument,
  toFretting,
  toNeck,
  toRoot,
  tuningArgument,
  type FrettingArgument,
  type TuningArgument,
} from "@/cli/arguments";
import { defineCommand } from "@/cli/command";
import { soundingMidi, tonesOverRoot } from "@/core/fretting";
import { parseNote, pitchClassOf, pitchText, pitchTextsOver } from "@/core/pitch";
import { failure, success } from "@/core/result";
import { nameChord } from "@/core/voicing";

export const nameCommand = defineCommand({
  name: "name",
  summary: "what a fretting sounds: --tuning 'drop D' --fretting '5 5 5 x x x'",
  schema: object({
    tuning: tuningArgument,
    frets: fretsArgument,
    fretting: frettingArgument,
    root: rootArgument.optional(),
    guitar: guitarArgument,
  }).noUnknown(),
  run: ({ tuning, frets, fretting, root, guitar }) => {
    const neck = toNeck({ tuning: tuning as TuningArgument, frets, guitar });
    if (!neck.ok) return neck;
    const read = toFretting(neck.value, fretting as FrettingArgument);
    if (!read.ok) return read;
    const pitches = soundingMidi(neck.value, read.value);
    if (pitches.length === 0) return failure("fretting", "no string sounds; give one a fret");
    const chord = nameChord(pitches, root === undefined ? undefined : toRoot(root));
    // Semitones over the lowest sounding root, like a voicing; over the lowest note where none sounds.
    const intervals = tonesOverRoot(neck.value, read.value, pitchClassOf(chord.root)).filter(
      (tone) => tone !== null,
    );
    return success({ name: chord.name, pitches, intervals });
  },
  print: ({ name, pitches, intervals }) => {
    const root = parseNote(/^[A-G][#b]?/.exec(name)?.[0] ?? "");
    const texts = root.ok
      ? pitchTextsOver(root.value, pitches)
      : pitches.map((midi) => pitchText(midi));
    return `${name}: ${texts.join(" ")} (${intervals.join(", ")} semitones)`;
  },
});

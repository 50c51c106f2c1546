import { object } from "yup";
import {
  fretsArgument,
  guitarArgument,
  toNeck,
  toTuning,
  tuningArgument,
  type TuningArgument,
} from "@/cli/arguments";
import { defineCommand } from "@/cli/command";
import { stringScaleMm } from "@/core/neck";
import { pitchText } from "@/core/pitch";
import { failure, success, type Result } from "@/core/result";
import { makeRetuneSheet, type ByEarCheck, type RetuneSheet } from "@/core/retuning";
import { usualMidi, type Tuning } from "@/core/tuning";

export const retuneCommand = defineCommand({
  name: "retune",
  summary: "from one tuning to another, string by string: --from standard --to 'drop C'",
  schema: object({
    from: tuningArgument,
    to: tuningArgument,
    frets: fretsArgument,
    guitar: guitarArgument,
  }).noUnknown(),
  run: (args) => {
    const from = toTuning(args.from as TuningArgument, "from");
    if (!from.ok) return from;
    const to = readTarget(args.to as TuningArgument, from.value);
    if (!to.ok) return to;
    const { midi } = from.value;
    const neck = toNeck({ tuning: midi, frets: args.frets, guitar: { ...args.guitar, capo: 0 } });
    if (!neck.ok) return neck;
    const guitar = {
      usualMidi: usualMidi(midi.length),
      scalesMm: midi.map((_, string) => stringScaleMm(neck.value, string)),
      frets: neck.value.frets,
    };
    return success(makeRetuneSheet(guitar, midi, to.value.midi));
  },
  print: (sheet) =>
    [
      ...sheet.order.map((string) => stepLine(sheet, string)),
      `pull of all strings: ${Math.round(100 * sheet.pull.share)}% of before`,
      ...sheet.warnings.map((warning) =>
        "string" in warning
          ? `careful: string ${sheet.strings.length - warning.string}: ${warning.kind}`
          : "careful: large change of the pull on the neck",
      ),
      "then once more round all strings",
    ].join("\n"),
});

/** The tuning to reach has as many strings as the one to start from. */
function readTarget(argument: TuningArgument, from: Tuning): Result<Tuning> {
  const strings = from.midi.length;
  const to = toTuning(argument, "to", strings);
  return to.ok && to.value.midi.length !== strings
    ? failure("to", `${to.value.midi.length} strings; '${from.name}' has ${strings}`)
    : to;
}

function stepLine({ strings }: RetuneSheet, string: number): string {
  const step = strings[string];
  if (!step) return "";
  const number = strings.length - string;
  const turn = `${step.semitones < 0 ? "down" : "up"} ${Math.abs(step.semitones)}`;
  const way = `${pitchText(step.from)} to ${pitchText(step.to)}`.padEnd(12);
  return `string ${String(number).padEnd(3)} ${way} ${turn.padEnd(8)} ${step.hz.toFixed(2).padStart(7)} Hz  ${checkText(step.check, strings.length)}`;
}

function checkText(check: ByEarCheck | null, strings: number): string {
  if (!check) return "by a tuner or a tone";
  const { referenceString, referenceFret, tunedFret, kind } = check;
  const at = (fret: number) => (fret === 0 ? "open" : `fret ${fret}`);
  return `${at(tunedFret)} in ${kind} with string ${strings - referenceString} ${at(referenceFret)}`;
}

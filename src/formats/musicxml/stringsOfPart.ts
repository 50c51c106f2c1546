import { makeNeck } from "@/core/neck";
import { MAX_STRINGS, MIN_STRINGS, nameTuning, usualMidi, type Tuning } from "@/core/tuning";
import { problemAt, type FormatProblem } from "@/formats/score";
import { type Part } from "./readPart";

/** The staff with frets, where one has any: a part may show the same notes twice. */
export function tabStaff({ measures }: Part): number | null {
  const counts = new Map<number, number>();
  for (const { notes } of measures) {
    for (const { fret, staff } of notes) {
      if (fret !== null) counts.set(staff, (counts.get(staff) ?? 0) + 1);
    }
  }
  return [...counts].toSorted((a, b) => b[1] - a[1])[0]?.[0] ?? null;
}

/** As the file says; where it does not, as pitches and frets of its notes say, or as usual for so many strings. */
export function tuningOf(
  part: Part,
  staff: number | null,
  problems: FormatProblem[],
): Tuning | null {
  const fretted = part.measures.flatMap(({ notes }) =>
    notes.filter((note) => note.staff === staff && note.fret !== null),
  );
  const highest = fretted.reduce((max, { string }) => Math.max(max, string ?? 0), 0);
  const strings = Math.max(highest, part.tuning?.length ?? 0, MIN_STRINGS);
  if (strings > MAX_STRINGS) {
    problems.push(
      problemAt(null, `${strings} strings; Tenon knows ${MIN_STRINGS} to ${MAX_STRINGS}`),
    );
    return null;
  }
  const lines = part.tuning && part.tuning.length < MIN_STRINGS ? null : part.tuning;
  const usual = usualMidi(lines ? strings : Math.max(strings, fretted.length > 0 ? 6 : strings));
  const midi = usual.map((pitch, string) => {
    const said = lines?.[string - (usual.length - strings)] ?? null;
    if (said !== null) return said;
    const note = fretted.find(
      (each) => each.string === usual.length - string && each.midi !== null,
    );
    return note ? (note.midi ?? 0) - (note.fret ?? 0) - part.capo : pitch;
  });
  const neck = makeNeck({ midi });
  if (neck.ok) return nameTuning(midi);
  problems.push(problemAt(null, `the tuning: ${neck.problem.message}; the usual one is taken`));
  return nameTuning(usual);
}

export function tuningOfFrames(part: Part): Tuning | null {
  const frame = part.measures
    .flatMap(({ harmonies }) => harmonies)
    .find((each) => each.frame !== null)?.frame;
  const strings = frame?.fretting.length ?? 0;
  return strings >= MIN_STRINGS && strings <= MAX_STRINGS ? nameTuning(usualMidi(strings)) : null;
}

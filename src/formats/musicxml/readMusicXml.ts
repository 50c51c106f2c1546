import { failure, success, type Result } from "@/core/result";
import { oneLine } from "@/formats/chartText";
import { problemAt, type FormatProblem, type ReadScore } from "@/formats/score";
import { bothJumps } from "./jumps";
import { partScore } from "./partScore";
import { readPart, type Part, type PartMeasure } from "./readPart";
import { at, child, childrenOf, readXml, textOf, type XmlNode } from "./tree";

const MAX_MEASURES = 10_000;
const LONGEST_TITLE = 200;

/**
 * Reads MusicXML, by parts or by measures: the part with tablature, or with chord names, as bars, chords, grips and notes.
 * Chords are called as they sound, frets count from the capo.
 */
export function readMusicXml(text: string): Result<ReadScore> {
  const tree = readXml(text);
  if (!tree.ok) return tree;
  const root = tree.value;
  if (root.name !== "score-partwise" && root.name !== "score-timewise") {
    return failure("input", `<${root.name}> is no MusicXML; it begins with <score-partwise>`);
  }
  const written = partsOf(root);
  const names = new Map(
    childrenOf(child(root, "part-list"), "score-part").map((part) => [
      part.attributes.id ?? "",
      textOf(child(part, "part-name")),
    ]),
  );
  const parts = written.map(([id, measures]) => ({
    name: names.get(id) ?? id,
    part: readPart(measures.slice(0, MAX_MEASURES)),
  }));
  const chosen = parts.toSorted((a, b) => worth(b.part) - worth(a.part))[0];
  if (!chosen) return failure("input", "there is no part in it");
  const problems: FormatProblem[] = [];
  if (parts.length > 1) {
    problems.push(problemAt(null, `of ${parts.length} parts '${oneLine(chosen.name)}' is read`));
  }
  if ((written[0]?.[1].length ?? 0) > MAX_MEASURES) {
    problems.push(problemAt(null, `only the first ${MAX_MEASURES} measures are read`));
  }
  const title = oneLine(
    textOf(at(root, "work", "work-title")) || textOf(child(root, "movement-title")),
  ).slice(0, LONGEST_TITLE);
  // Chord names may stand over another part than the one with the strings.
  const named = parts.find(({ part }) => part.measures.some((m) => m.harmonies.length > 0))?.part;
  const sung = isSung(chosen.part) ? chosen : parts.find(({ part }) => isSung(part));
  if (sung && sung !== chosen)
    problems.push(problemAt(null, `the words are those of '${oneLine(sung.name)}'`));
  const shared = withShared(
    chosen.part,
    parts.map((each) => each.part),
  );
  const part = sung ? withWords(shared, sung.part) : shared;
  const score = partScore(part, named ?? null, title || null, problems);
  const isTuningGuessed =
    score.tuning !== null && chosen.part.tuning === null && !isStrung(chosen.part);
  return success({ score, isTuningGuessed, problems });
}

/** The measures of each part, whichever way round they are written. */
function partsOf(root: XmlNode): readonly (readonly [id: string, measures: readonly XmlNode[]])[] {
  if (root.name === "score-partwise") {
    return childrenOf(root, "part").map((part) => [
      part.attributes.id ?? "",
      childrenOf(part, "measure"),
    ]);
  }
  const parts = new Map<string, XmlNode[]>();
  for (const measure of childrenOf(root, "measure")) {
    for (const part of childrenOf(measure, "part")) {
      const id = part.attributes.id ?? "";
      const measures = parts.get(id) ?? [];
      measures.push({ ...measure, children: part.children });
      parts.set(id, measures);
    }
  }
  return [...parts];
}

/** A part with what stands over another for all: sections, tempo and jumps are often written over the first alone. */
function withShared(part: Part, parts: readonly Part[]): Part {
  const others = parts.filter((each) => each !== part);
  return {
    ...part,
    measures: part.measures.map((own, index) =>
      others.reduce((measure, { measures }) => {
        const other = measures[index];
        if (!other) return measure;
        return {
          ...measure,
          rehearsal: measure.rehearsal ?? other.rehearsal,
          quartersPerMinute: measure.quartersPerMinute ?? other.quartersPerMinute,
          ...bothJumps(measure, other),
        };
      }, own),
    ),
  };
}

/** A part with the words that are sung to it. */
function withWords(part: Part, sung: Part): Part {
  return {
    ...part,
    measures: part.measures.map((measure, index) => ({
      ...measure,
      syllables: sung.measures[index]?.syllables ?? [],
    })),
  };
}

function isSung({ measures }: Part): boolean {
  return measures.some(({ syllables }) => syllables.length > 0);
}

/** Whether notes have pitch and place, which together say how their strings are tuned. */
function isStrung({ measures }: Part): boolean {
  return measures.some(({ notes }) =>
    notes.some(({ fret, midi }) => fret !== null && midi !== null),
  );
}

/** How much a guitarist finds in a part: frets before chord names before other notes. */
function worth({ measures }: Part): number {
  const count = (of: (measure: PartMeasure) => number) =>
    measures.reduce((sum, measure) => sum + of(measure), 0);
  const fretted = count(({ notes }) => notes.filter(({ fret }) => fret !== null).length);
  const named = count(({ harmonies }) => harmonies.length);
  return fretted > 0 ? 2e9 + fretted : named > 0 ? 1e9 + named : count(({ notes }) => notes.length);
}

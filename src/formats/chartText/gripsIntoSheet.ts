import { pitchTexts } from "@/core/pitch";
import { readChordName } from "@/core/song";
import { type Tuning } from "@/core/tuning";
import { problemAt, type FormatProblem, type Score } from "@/formats/score";
import { defineText, readDefine, type DefinedGrip } from "./define";
import { type WrittenText } from "./writeChart";

const DEFINE = /^\s*\{\s*(?:define|chord)\s*[:\s]\s*(.*?)\s*\}\s*$/is;
const TUNING = /^\s*\{\s*x_tuning\s*[:\s]/i;

/**
 * A sheet with the tuning and the grips of a score written into it, in lines of their own; all its other lines stay byte for
 * byte. Grips that it defined before and that are still played stay where they are.
 */
export function gripsIntoSheet(text: string, score: Score, tuning: Tuning): WrittenText {
  const end = /\r\n|\n|\r/.exec(text)?.[0] ?? "\n";
  const lines = text.split(/(?<=\r\n|\n|\r(?!\n)|\u2028|\u2029)/);
  const before = new Map<number, string[]>();
  const problems: FormatProblem[] = [];
  const standing = standingGrips(lines, score);
  const grips = new Map(standing);
  for (const bar of score.sections.flatMap(({ bars }) => bars)) {
    for (const { name, fretting, fingers, riff } of bar.chords) {
      if (!fretting || riff || bar.line === undefined) continue;
      const written = defineText({ name, fretting, fingers });
      if (standing.has(name) || grips.get(name) === written) continue;
      const here = before.get(bar.line) ?? [];
      if (here.some((other) => other.startsWith(`{define: ${name} `))) {
        const message = `${name} is played in two ways on this line; only the first is written`;
        problems.push(problemAt(bar.line, message));
        continue;
      }
      grips.set(name, written);
      before.set(bar.line, [...here, written]);
    }
  }
  const strings = pitchTexts(tuning.midi).join(" ");
  const kept = lines.flatMap((line, index) => {
    const own = (before.get(index + 1) ?? []).map((each) => `${each}${end}`);
    const defined = definedIn(line);
    const isReplaced = defined !== null && grips.has(defined.name) && !standing.has(defined.name);
    return isReplaced || TUNING.test(line) ? own : [...own, line];
  });
  return { text: `{x_tuning: ${strings}}${end}${kept.join("")}`, problems };
}

/** What a line defines, by its chord as charts call it. */
function definedIn(line: string): DefinedGrip | null {
  const grip = readDefine(DEFINE.exec(line)?.[1] ?? "");
  if (!grip) return null;
  return { ...grip, name: readChordName(grip.name).name };
}

/** The grips that the sheet defines already and that are played wherever their names stand: those lines stay. */
function standingGrips(lines: readonly string[], { sections }: Score): ReadonlyMap<string, string> {
  const played = new Map<string, Set<string>>();
  for (const { name, fretting } of sections.flatMap(({ bars }) => bars.flatMap((b) => b.chords))) {
    if (fretting) played.set(name, (played.get(name) ?? new Set()).add(fretting.join()));
  }
  const standing = new Map<string, string>();
  for (const grip of lines.flatMap((line) => definedIn(line) ?? [])) {
    const all = played.get(grip.name);
    if (all?.size === 1 && all.has(grip.fretting.join()))
      standing.set(grip.name, grip.fretting.join());
  }
  return standing;
}

import { seededRandom } from "../src/core/random";
import { readSheet } from "../src/formats/chartText";
import { songOf, usualTuning, writeAs } from "../src/formats/convert";
import { FILE_KINDS, READ_KINDS, type FileKind, type ReadKind } from "../src/formats/fileKinds";
import { readFile } from "../src/formats/files";
import { withGripsOf } from "../src/formats/testing";
import { strumBar, type Score } from "../src/formats/score";

/** Damages good files of every kind and reads them: nothing may throw, take long, or swell. */
const FILES = Number(process.argv[2] ?? 10_000);
const LONGEST_MS = 1000;
const random = seededRandom(17);
const pick = (below: number) => Math.floor(random() * below);

const { score: read } = readSheet(
  "{x_tuning: D2 A2 D3 G3 B3 E4}\nTitle: Seed\nKey: Em\nTempo: 120\n[Verse x2]\n| A5 . D5 . | <E5 r |\nsome words\n[Chorus]\nTexture: muted eighths\n|: G5 | C5! . . D5 :| x3\n",
);
const gripped = withGripsOf(read);
const seed: Score = {
  ...gripped,
  tuning: gripped.tuning ?? usualTuning(),
  sections: gripped.sections.map((section) => ({
    ...section,
    bars: section.bars.map((bar) => ({ ...bar, notes: strumBar(bar) })),
  })),
};
const seeds: (readonly [ReadKind, Uint8Array])[] = READ_KINDS.map((kind) => {
  const written = writeAs(kind as Exclude<FileKind, "svg" | "pdf">, {
    once: seed,
    played: seed,
    efforts: [],
  });
  if (!written.ok) throw new Error(written.problem.message);
  const { content } = written.value;
  return [kind, typeof content === "string" ? new TextEncoder().encode(content) : content] as const;
});
seeds.push(["csv", new TextEncoder().encode("tuning;strings\nMine;C G C F A D\nOther;drop C\n")]);

/** Bytes that parsers stumble over. */
const NASTY = [
  "\0",
  "\xff\xfe",
  "<",
  "&#0;",
  "]]>",
  "{",
  "}",
  "|:",
  ":|",
  "[",
  "1e999",
  "-1",
  "4294967296",
  "\u202e",
  "\r",
  "=cmd()",
  "<!ENTITY a 'b'>",
  '"',
  "x999",
  "x2000000",
  "|".repeat(500),
  "(".repeat(500),
  "<note>".repeat(200),
  "9".repeat(400),
  "{define: A5 base-fret 99 frets 99 99 99 99 99 99}",
].map((text) => Uint8Array.from(text, (sign) => sign.charCodeAt(0) & 0xff));

function damaged(bytes: Uint8Array): Uint8Array {
  let made = Uint8Array.from(bytes);
  for (let times = 1 + pick(4); times > 0; times--) {
    const at = pick(made.length + 1);
    const length = pick(Math.min(60, made.length - at + 1));
    const joined = (...parts: readonly Uint8Array[]) =>
      Uint8Array.from(parts.flatMap((part) => [...part]));
    switch (pick(6)) {
      case 0:
        for (let flips = 1 + pick(8); flips > 0; flips--) made[pick(made.length)] = pick(256);
        break;
      case 1:
        made = made.slice(0, at);
        break;
      case 2:
        made = joined(made.slice(0, at), made.slice(at + length));
        break;
      case 3:
        made = joined(made.slice(0, at), NASTY[pick(NASTY.length)] ?? made, made.slice(at));
        break;
      case 4: {
        const part = made.slice(at, at + length);
        made = joined(
          made.slice(0, at),
          ...Array.from({ length: 1 + pick(40) }, () => part),
          made.slice(at),
        );
        break;
      }
      case 5: {
        const other = seeds[pick(seeds.length)]?.[1] ?? made;
        const from = pick(other.length);
        made = joined(made.slice(0, at), other.slice(from, from + 200), made.slice(at));
      }
    }
  }
  return made;
}

let [understood, refused, thrown, slow, slowest, peak] = [0, 0, 0, 0, 0, 0];
const before = process.memoryUsage().rss;
for (let file = 0; file < FILES; file++) {
  const [kind, good] = seeds[file % seeds.length] ?? ["bars", new Uint8Array()];
  const bytes = damaged(good);
  const start = performance.now();
  try {
    // As the kind that it was, and as what its content shows.
    for (const from of [kind, undefined]) {
      const answer = readFile(bytes, from);
      if (!answer.ok) refused++;
      else {
        understood++;
        if (answer.value.kind === "song") {
          songOf(answer.value);
          const whole = { once: answer.value.score, played: answer.value.score, efforts: [] };
          const to = FILE_KINDS[pick(FILE_KINDS.length)];
          if (to && to !== "svg" && to !== "pdf") writeAs(to, whole);
        }
      }
    }
  } catch (error) {
    thrown++;
    if (thrown <= 5)
      console.error(
        kind,
        JSON.stringify(Buffer.from(bytes).toString("latin1").slice(0, 3000)),
        error,
      );
  }
  const ms = performance.now() - start;
  slowest = Math.max(slowest, ms);
  if (ms > LONGEST_MS) {
    slow++;
    console.error(`${kind}: ${ms.toFixed(0)} ms`);
  }
  if (file % 50 === 0) peak = Math.max(peak, process.memoryUsage().rss - before);
}
console.log(
  `${FILES} damaged files, each read twice: ${understood} understood in part, ${refused} refused`,
);
console.log(
  `thrown ${thrown}, slower than ${LONGEST_MS} ms ${slow}, slowest ${slowest.toFixed(0)} ms`,
);
console.log(
  `memory ${(peak / 1e6).toFixed(0)} MB over the ${(before / 1e6).toFixed(0)} MB at the beginning`,
);
process.exitCode = thrown + slow > 0 ? 1 : 0;

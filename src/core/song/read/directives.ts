import { type ChartBuilder } from "./builder";
import { type Fact, type Line, type Word } from "../text";
import { readKey, readMeter } from "../chart";
import { readTuning } from "@/core/tuning";
import { MAX_TEMPO_BPM, MIN_TEMPO_BPM, readTexture, textureText } from "../play";

type Apply = (value: string, builder: ChartBuilder, at: Place) => void;

/** Where a directive stands, for what is wrong with it. */
interface Place {
  readonly line: Line;
  /** Its value, or the whole line where it has none. */
  readonly word: Word;
}

/** Cells and margins of a grid: "4x4", "1+4x2+4". */
const GRID_SHAPE = /^(?:\d+\+)?\d+(?:x\d+)?(?:\+\d+)?$/;

/** What a part is called: `Verse 1`, or `label="Verse 1"` among other attributes. */
function labelIn(value: string): string {
  if (!/^[\w-]+\s*=\s*["']/.test(value)) return value;
  return /\blabel\s*=\s*(["'])(.*?)\1/.exec(value)?.[2]?.trim() ?? "";
}

const tell = (builder: ChartBuilder, { line, word }: Place, right: string) =>
  builder.problem(line, word, `'${word.text}': ${right}`);

const setTempo: Apply = (value, builder, at) => {
  const tempoBpm = Number(value.replace(/\s*bpm$/i, "").replace(",", "."));
  if (tempoBpm >= MIN_TEMPO_BPM && tempoBpm <= MAX_TEMPO_BPM) builder.set({ tempoBpm });
  else tell(builder, at, `write a tempo from ${MIN_TEMPO_BPM} to ${MAX_TEMPO_BPM}`);
};
const setMeter: Apply = (value, builder, at) => {
  const meter = readMeter(value);
  if (meter) builder.set({ meter });
  else tell(builder, at, "write a meter like 4/4, 3/4 or 6/8");
};
const setKey: Apply = (value, builder, at) => {
  const key = readKey(value);
  if (!key) return tell(builder, at, "write a key like Em, G or F#m");
  builder.set({ key, keyText: value });
  builder.keyAt(at.line, at.word);
};
const setTuning: Apply = (value, builder, at) => {
  const read = readTuning(value);
  if (!read.ok) tell(builder, at, read.problem.message);
  else if (!builder.setTuning(read.value.tuning.midi)) {
    tell(builder, at, "write a section's tuning under its heading, above its first bar");
  }
};
const setCount: Apply = (value, builder, at) => {
  if (/^(eighths?|8ths?|1\/8)$/i.test(value)) builder.set({ countBeats: 0.5 });
  else if (/^(quarters?|4ths?|1\/4)$/i.test(value)) builder.set({ countBeats: 1 });
  else tell(builder, at, "write quarter or eighth");
};
const setPickup: Apply = (value, builder, at) => {
  const pickupBeats = Number(value.replace(",", "."));
  if (pickupBeats > 0 && pickupBeats < builder.meter().beats) builder.set({ pickupBeats });
  else tell(builder, at, "write the quarters of a bar that is shorter than the others");
};
const setTexture: Apply = (value, builder, at) => {
  const texture = readTexture(value);
  if (texture.ok) builder.setTexture(textureText(texture.value));
  else tell(builder, at, texture.problem.message);
};
const startPart =
  (name: string): Apply =>
  (value, builder, { line }) => {
    builder.heading(line, labelIn(value) || name, 1, name === "Chorus");
    builder.set({ isInPart: true });
  };
const endPart: Apply = (_, builder) => {
  builder.endSection();
  builder.set({ isInPart: false });
};
/** A grid belongs to the part that it stands in; by itself, its label makes it one. */
const startGrid: Apply = (value, builder, { line }) => {
  const label = GRID_SHAPE.test(value) ? "" : labelIn(value);
  if (label === "" || builder.settings().isInPart) return;
  builder.heading(line, label, 1);
  builder.set({ isPartGrid: true });
};
const endGrid: Apply = (_, builder) => {
  if (builder.settings().isPartGrid) builder.endSection();
  builder.set({ isPartGrid: false });
};

/** What follows is written in another notation, and kept as it stands. */
const startAside: Apply = (_, builder, { line }) =>
  builder.beginAside(line, { text: line.text.trim(), column: line.text.search(/\S/) });

const APPLY: Readonly<Record<string, Apply>> = {
  title: (title, builder) => builder.set({ title }),
  song: (title, builder) => builder.set({ title }),
  t: (title, builder) => builder.set({ title }),
  key: setKey,
  tempo: setTempo,
  time: setMeter,
  meter: setMeter,
  count: setCount,
  counts: setCount,
  pickup: setPickup,
  "pick-up": setPickup,
  x_pickup: setPickup,
  tuning: setTuning,
  x_tuning: setTuning,
  texture: setTexture,
  x_texture: setTexture,
  chorus: (value, builder, { line }) => builder.playChorus(line, labelIn(value) || "Chorus"),
  start_of_chorus: startPart("Chorus"),
  soc: startPart("Chorus"),
  start_of_verse: startPart("Verse"),
  sov: startPart("Verse"),
  start_of_bridge: startPart("Bridge"),
  sob: startPart("Bridge"),
  end_of_chorus: endPart,
  eoc: endPart,
  end_of_verse: endPart,
  eov: endPart,
  end_of_bridge: endPart,
  eob: endPart,
  start_of_grid: startGrid,
  sog: startGrid,
  end_of_grid: endGrid,
  eog: endGrid,
  start_of_tab: startAside,
  sot: startAside,
  start_of_abc: startAside,
  start_of_ly: startAside,
  start_of_svg: startAside,
  start_of_textblock: startAside,
};

/** Takes what a line's directives say; one that is not known is kept as it stands. */
export function applyDirectives(line: Line, facts: readonly Fact[], builder: ChartBuilder): void {
  const whole = line.text.trim();
  for (const { name, value, column } of facts) {
    const word = value === "" ? { text: whole, column: 0 } : { text: value, column };
    APPLY[name]?.(value, builder, { line, word });
  }
  const [only] = facts;
  const isComment = only && /^(c|comment|ci|comment_italic|cb|highlight)$/.test(only.name);
  if (isComment) builder.keep(line, only.value, "comment");
  else builder.keep(line, whole, "directive");
}

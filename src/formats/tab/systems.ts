import { parseChord } from "@/core/chart";
import { tabLinesIn } from "./lines";

/** The line of one string. */
export interface StringLine {
  readonly line: number;
  /** The note before it; empty for none. */
  readonly label: string;
  readonly body: string;
  /** Where the body begins in its line. */
  readonly from: number;
}

/** Lines of strings that are read together, and the lines beside them. */
export interface System {
  /** As written, from the top. */
  readonly strings: readonly StringLine[];
  /** Lines right above, the nearest last, and right below. */
  readonly beside: readonly { readonly line: number; readonly text: string }[];
}

type TabBlock =
  | { readonly kind: "system"; readonly system: System }
  | { readonly kind: "text"; readonly line: number; readonly text: string };

const [FEWEST, MOST] = [4, 10];
const STRING =
  /^\s*(?:(?:\d{1,2}\s*[:.]?\s*)?([A-Ga-g](?:#|b|♯|♭)?-?\d?)\s*|\d{1,2}\s*)?([-|:*[][-|:\d*()<>~^.=\s/\\hpbrstvxXoTHL]*)$/;
const FEWEST_DASHES = 3;
/** Of what is no space, so much at least is string, bar line or fret. */
const [STRING_SHARE, LABELLED_SHARE] = [0.55, 0.35];
/** A chord line, a line of counts and a line of palm mutes may stand over a system. */
const MAX_BESIDE = 3;

/** Takes a text apart into systems and the lines between them, in order. */
export function blocksIn(text: string): readonly TabBlock[] {
  const lines = tabLinesIn(text);
  const blocks: TabBlock[] = [];
  let group: StringLine[] = [];
  const flush = () => {
    const size = systemSize(group);
    if (size === null) blocks.push(...group.map((each) => textBlock(lines, each.line)));
    else {
      for (let at = 0; at < group.length; at += size) {
        const strings = group.slice(at, at + size);
        blocks.push({ kind: "system", system: { strings, beside: [] } });
      }
    }
    group = [];
  };
  for (const [index, line] of lines.entries()) {
    const string = readString(line, index + 1);
    if (string) group.push(string);
    else {
      flush();
      blocks.push(textBlock(lines, index + 1));
    }
  }
  flush();
  return withBeside(blocks);
}

function textBlock(lines: readonly string[], line: number): TabBlock {
  return { kind: "text", line, text: lines[line - 1] ?? "" };
}

function readString(text: string, line: number): StringLine | null {
  const plain = text.replace(/[–—−]/g, "-").replace(/[│┃‖]/g, "|").trimEnd();
  const [, label = "", body = ""] = STRING.exec(plain) ?? [];
  if (body === "") return null;
  const solid = body.replace(/\s/g, "");
  const strings = solid.replace(/[^-|\d]/g, "").length;
  const dashes = solid.replace(/[^-]/g, "").length;
  // A note before a bar line is sign enough, however full the string is.
  const isLabelled = label !== "" && body.startsWith("|") && solid.length > 2;
  const isString = isLabelled
    ? strings >= solid.length * LABELLED_SHARE
    : dashes >= FEWEST_DASHES && strings >= solid.length * STRING_SHARE;
  if (!isString) return null;
  return { line, label, body, from: plain.length - body.length };
}

/** How many strings a system of these lines has; systems may follow one another without a gap. */
function systemSize(group: readonly StringLine[]): number | null {
  const { length } = group;
  if (length < FEWEST) return null;
  if (length <= MOST) return length;
  const labels = group.map(({ label }) => label);
  for (let size = MOST; size >= FEWEST; size--) {
    const repeats = labels.every((label, at) => label === labels[at % size]);
    if (length % size === 0 && repeats && (labels[0] !== "" || size === 6)) return size;
  }
  return null;
}

/** Lines that stand right over or under a system go with it where they are chords, counts or palm mutes. */
function withBeside(blocks: readonly TabBlock[]): readonly TabBlock[] {
  const taken = new Set<number>();
  const made = blocks.map((block, at): TabBlock => {
    if (block.kind !== "system") return block;
    const beside: { line: number; text: string }[] = [];
    const take = (index: number) => {
      const near = blocks[index];
      if (near?.kind !== "text" || taken.has(index) || !isBeside(near.text)) return false;
      taken.add(index);
      beside.push({ line: near.line, text: near.text });
      return true;
    };
    for (let over = 1; over <= MAX_BESIDE && take(at - over); over++);
    // The line under it may as well stand over the next.
    if (blocks[at + 2]?.kind !== "system") take(at + 1);
    return { kind: "system", system: { ...block.system, beside: beside.toReversed() } };
  });
  return made.filter((_, at) => !taken.has(at));
}

const COUNTS = /^(?:\d{1,2}(?:\.\d+)?|e|&|\+|a)$/;
const MUTES = /^\s*P\.?M\.?[\s.\-|PM]*$/i;

export function isCounts(text: string): boolean {
  const words = text.split(/[\s|]+/).filter(Boolean);
  return words.some((word) => /^\d/.test(word)) && words.every((word) => COUNTS.test(word));
}

export function isMutes(text: string): boolean {
  return MUTES.test(text);
}

/** Whether more than half of a line's words are chords, as over strings nothing else is; "1 e a" counts a beat. */
export function isChords(text: string): boolean {
  if (isCounts(text)) return false;
  const words = text.split(/[\s|]+/).filter(Boolean);
  const chords = words.filter((word) => parseChord(word) !== null || /^N\.?C\.?$/i.test(word));
  return chords.length * 2 > words.length;
}

function isBeside(text: string): boolean {
  return isCounts(text) || isMutes(text) || isChords(text);
}

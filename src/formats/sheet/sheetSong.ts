import { findChord } from "@/core/voicing";
import { rankFingers, type DampingPlan } from "@/core/hand";
import { makeNeck } from "@/core/neck";
import { parseChord } from "@/core/chart";
import { pitchClass, pitchClassOf } from "@/core/pitch";
import { type Tuning } from "@/core/tuning";
import { type ChangeFacts, type RouteFacts } from "@/formats/routeFacts";
import { openMidi, playedBars, playedScoreChords, type Score } from "@/formats/score";
import { type DrawnGrip } from "./gripItems";

/** A grip of a song, as sheets show it. */
export interface SheetGrip extends DrawnGrip {
  readonly name: string;
  readonly effort: number | null;
  readonly damping: DampingPlan | null;
  /** The sections that play it. */
  readonly sections: readonly string[];
  /** Its first bar, from 1. */
  readonly bar: number;
}

/** A change of a song that a sheet tells of. */
export interface SheetChange extends ChangeFacts {
  readonly from: SheetGrip;
  readonly to: SheetGrip;
  readonly bar: number;
}

/** What all sheets of a song are made from. */
export interface SheetSong {
  readonly title: string;
  readonly score: Score;
  readonly tuning: Tuning;
  /** Each once, in the order in which they are met. */
  readonly grips: readonly SheetGrip[];
  /** The hardest first; each pair of grips once. */
  readonly changes: readonly SheetChange[];
  readonly a4Hz: number;
}

/** Gathers a song's grips and changes; `played` is the score with repeats written out. */
export function sheetSong(
  once: Score,
  played: Score,
  tuning: Tuning,
  route: RouteFacts | null,
): Omit<SheetSong, "a4Hz"> {
  const bars = playedBars(played);
  const chords = playedScoreChords(bars);
  const neck = makeNeck({ midi: tuning.midi, capo: once.capo });
  const open = openMidi({ tuning, capo: once.capo });
  const grips = new Map<string, SheetGrip>();
  let section = "";
  const barOf = (start: number) =>
    Math.max(
      0,
      bars.findLastIndex((bar) => bar.start <= start + 1e-6),
    );
  const sectionAt = bars.map((bar) => (section = bar.begins ?? section));
  const keys = chords.map(({ name, fretting, fingers, start, riff }) => {
    if (!fretting || riff) return null;
    const key = `${name} ${fretting.join()}`;
    const bar = barOf(start);
    const before = grips.get(key);
    const own = sectionAt[bar] ?? "";
    if (before) {
      if (!before.sections.includes(own)) {
        grips.set(key, { ...before, sections: [...before.sections, own] });
      }
      return key;
    }
    const ways = neck.ok ? rankFingers(neck.value, fretting, {}) : [];
    const routeKind = ways.find((each) => each.fingers.join() === fingers?.join()) ?? ways[0];
    const sounding = fretting.flatMap((fret, at) =>
      fret === null ? [] : [(open[at] ?? 0) + fret],
    );
    const root = rootClass(name, sounding, once);
    grips.set(key, {
      name,
      fretting,
      fingers: fingers?.some((finger) => finger !== 0) ? fingers : (routeKind?.fingers ?? null),
      roots: fretting.flatMap((fret, at) =>
        fret !== null && pitchClass((open[at] ?? 0) + fret) === root ? [at] : [],
      ),
      effort: routeKind?.effort ?? null,
      damping: routeKind?.damping ?? null,
      sections: [own],
      bar: bar + 1,
    });
    return key;
  });
  const gripAt = (index: number) => grips.get(keys[index] ?? "");
  const pairs = new Map<string, SheetChange>();
  for (const [index, change] of (route?.changes ?? []).entries()) {
    const [from, to] = [gripAt(index), gripAt(index + 1)];
    if (!change || !from || !to || !(change.neededMs > 0)) continue;
    const key = `${keys[index]} > ${keys[index + 1]}`;
    const before = pairs.get(key);
    const bar = barOf(chords[index + 1]?.start ?? 0) + 1;
    if (!before || change.slackMs < before.slackMs) pairs.set(key, { ...change, from, to, bar });
  }
  return {
    title: once.title ?? "Song",
    score: once,
    tuning,
    grips: [...grips.values()],
    changes: [...pairs.values()].sort((a, b) => a.slackMs - b.slackMs),
  };
}

function rootClass(
  name: string,
  sounding: readonly number[],
  { names, capo }: Score,
): number | null {
  const parts = parseChord(name);
  if (parts) return pitchClass(pitchClassOf(parts.root) + (names === "shape" ? capo : 0));
  const found = sounding.length > 0 ? findChord(sounding) : null;
  return found && pitchClassOf(found.root);
}

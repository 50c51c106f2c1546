import { DEFAULT_SONG_SETTINGS } from "@/core/arrangement";
import { rankFingers } from "@/core/hand";
import { type Neck } from "@/core/neck";
import { parseNote, pitchClass, pitchClassOf } from "@/core/pitch";
import { writeForm } from "@/core/song";
import { nameTuning, usualMidi } from "@/core/tuning";
import { type PlayedDrill } from "./drill";
import {
  powerChordAt,
  firstString,
  invertedAt,
  invertedThreeAt,
  nameOf,
  pairName,
  threeAt,
  type DrillGrip,
  type DrillRig,
} from "./grips";
import { drillOf, GOAL_BPM, START_BPM } from "./sequence";

/** Which way a move goes; coming down is harder, so each is judged apart. */
export const DIRECTIONS = ["up", "down", "both"] as const;
export type Direction = (typeof DIRECTIONS)[number];

/** Voicings that are moved along the neck, from the thickest of their strings. */
export const MOVED_VOICINGS = ["R 5", "R 5 8", "5 R", "5 R 5"] as const;
export type MovedVoicing = (typeof MOVED_VOICINGS)[number];

const GRIPS: Readonly<
  Record<MovedVoicing, (rig: DrillRig, string: number, fret: number) => DrillGrip | null>
> = {
  "R 5": powerChordAt,
  "R 5 8": threeAt,
  "5 R": invertedAt,
  "5 R 5": invertedThreeAt,
};

/**
 * From fret to fret of the root, four strums each; between two of one direction is a bar to go back in.
 *
 * @param string the thickest string of the grip, from 0
 */
export function fretToFret(
  rig: DrillRig,
  string: number,
  from: number,
  to: number,
  direction: Direction,
  voicing: MovedVoicing = "R 5",
): readonly PlayedDrill[] {
  const [low, high] = [Math.min(from, to), Math.max(from, to)];
  const pair = pairName(rig, string);
  const [down, up] = [GRIPS[voicing](rig, string, low), GRIPS[voicing](rig, string, high)];
  const [first, second] = direction === "down" ? [up, down] : [down, up];
  const way =
    direction === "both"
      ? `between ${low} and ${high}`
      : direction === "up"
        ? `up from ${low} to ${high}`
        : `down from ${high} to ${low}`;
  return drillOf(
    {
      // Power chords had keys before other voicings did.
      key: `move:fret-to-fret:${pair}:${low}-${high}:${direction}${voicing === "R 5" ? "" : `:${voicing.replaceAll(" ", "-")}`}`,
      kind: "move",
      name: `${voicing === "R 5" ? `Strings ${pair}` : `${voicing} from string ${rig.neck.midi.length - string}`}, ${way}`,
      say: `${
        direction === "both"
          ? "Four strums on each, and back. Keep the shape: release, stay touching, slide, press."
          : "Four strums on each, then a bar to go back in. Look at the goal before you leave."
      } ${fingersText(rig, down, up)}`.trim(),
    },
    direction === "both" ? [first, second, first, second] : [first, second, "rest"],
  );
}

/** "Fingers 1 3 4 throughout.", or those of each end. */
function fingersText(rig: DrillRig, low: DrillGrip | null, high: DrillGrip | null): string {
  const [one, other] = [low, high].map((grip) => grip && fingersOf(rig, grip));
  if (!one || !other) return "";
  const say = (fingers: string) => `${fingers.includes(" ") ? "Fingers" : "Finger"} ${fingers}`;
  if (one === other) return `${say(one)} throughout.`;
  return `${say(one)} at the low end, ${other} at the high.`;
}

/** The usual fingers of a grip, from the thickest string, each once: "1 3 4". */
function fingersOf({ neck, player }: DrillRig, { fretting }: DrillGrip): string {
  const fingers = rankFingers(neck, fretting, player)[0]?.fingers ?? [];
  return [...new Set(fingers.filter((finger) => finger !== 0))].join(" ");
}

/** All drills of movement for a neck. */
export function moveDrills(rig: DrillRig, usedRoots: ReadonlySet<number>): readonly PlayedDrill[] {
  const low = firstString(rig);
  const pairs = [low, low + 1].filter((string) => string + 1 < rig.neck.midi.length);
  return [
    ...pairs.flatMap((string) =>
      DIRECTIONS.flatMap((direction) => fretToFret(rig, string, 3, 7, direction)),
    ),
    ...DIRECTIONS.flatMap((direction) => fretToFret(rig, low, 3, 7, direction, "R 5 8")),
    ...pairs.flatMap((string) => fretByFret(rig, string)),
    ...rectangle(rig, low),
    ...rootToRoot(rig, low),
    ...stringSetWalk(rig, low),
    ...openToMovable(rig, low),
    ...pairs.flatMap((string) => inversionPairs(rig, string)),
    ...twoToThree(rig, low),
    ...changedShapes(rig),
    ...avoidedKey(rig, usedRoots),
  ];
}

function fretByFret(rig: DrillRig, string: number): readonly PlayedDrill[] {
  const pair = pairName(rig, string);
  return drillOf(
    {
      key: `move:fret-by-fret:${pair}`,
      kind: "move",
      name: `Strings ${pair}, fret by fret`,
      say: "One fret up with every bar, four strums each. Stay on the strings as you slide.",
    },
    [1, 2, 3, 4, 5, 6, 7, 8].map((fret) => powerChordAt(rig, string, fret)),
  );
}

/** Three on the thick pair, three on the next, seven there, seven back (common practice). */
function rectangle(rig: DrillRig, low: number): readonly PlayedDrill[] {
  const corner = (string: number, fret: number) => powerChordAt(rig, string, fret);
  return drillOf(
    {
      key: `move:rectangle:${pairName(rig, low)}`,
      kind: "move",
      name: "The rectangle",
      say: "Fret 3, across, up to 7, back across, and round again. Four strums on each corner.",
    },
    [corner(low, 3), corner(low + 1, 3), corner(low + 1, 7), corner(low, 7), corner(low, 3)],
  );
}

function rootToRoot(rig: DrillRig, low: number): readonly PlayedDrill[] {
  const grips = [5, 7].flatMap((fret) => [
    powerChordAt(rig, low, fret),
    powerChordAt(rig, low + 1, fret),
  ]);
  const [thick, next] = [rig.neck.midi.length - low, rig.neck.midi.length - low - 1];
  return drillOf(
    {
      key: `move:root-to-root:${thick}-${next}`,
      kind: "move",
      name: `Root on ${thick} to root on ${next}`,
      say: "The same fret on the next string, then two frets up and again.",
    },
    grips,
  );
}

/** One fret on every pair of strings: where two of them lie closer, the shape changes. */
function stringSetWalk(rig: DrillRig, low: number): readonly PlayedDrill[] {
  const pairs = rig.neck.midi.length - 1 - low;
  const grips = Array.from({ length: pairs }, (_, index) => powerChordAt(rig, low + index, 5));
  const gaps = grips.flatMap((grip, index) =>
    grip && index > 0 && shapeOf(grip) !== shapeOf(grips[index - 1] ?? null)
      ? [pairName(rig, low + index)]
      : [],
  );
  const changes = gaps.length > 0 ? ` The shape changes on ${gaps.join(" and ")}.` : "";
  return drillOf(
    {
      key: `move:string-sets:${rig.neck.midi.length}`,
      kind: "move",
      name: "Across all pairs of strings",
      say: `Root at fret 5 on each pair, from thick to thin.${changes}`,
    },
    grips,
  );
}

function openToMovable(rig: DrillRig, low: number): readonly PlayedDrill[] {
  const open = powerChordAt(rig, low, 0);
  const [five, seven] = [powerChordAt(rig, low, 5), powerChordAt(rig, low, 7)];
  return drillOf(
    {
      key: `move:open-to-movable:${pairName(rig, low)}`,
      kind: "move",
      name: "Open, then up the neck",
      say: "From the open grip to fret 5, back, and to fret 7. Both hands silence what rings on.",
    },
    [open, five, open, seven],
  );
}

function inversionPairs(rig: DrillRig, string: number): readonly PlayedDrill[] {
  const pair = pairName(rig, string);
  const frets = [5, 7].flatMap((fret) => [
    powerChordAt(rig, string + 1, fret),
    invertedAt(rig, string, fret),
  ]);
  return drillOf(
    {
      key: `move:inversion:${pair}`,
      kind: "move",
      name: `Root below, root above, on ${pair}`,
      say: "The power chord, then with its fifth in the bass; two frets up, and again.",
    },
    frets,
  );
}

function twoToThree(rig: DrillRig, low: number): readonly PlayedDrill[] {
  return drillOf(
    {
      key: `move:two-to-three:${pairName(rig, low)}`,
      kind: "move",
      name: "Two notes to three",
      say: "Add the octave without losing the two that hold.",
    },
    [
      powerChordAt(rig, low, 3),
      threeAt(rig, low, 3),
      powerChordAt(rig, low, 5),
      threeAt(rig, low, 5),
    ],
  );
}

/** On pairs whose gap is not the usual one: the shapes that a player has to learn anew. */
function changedShapes(rig: DrillRig): readonly PlayedDrill[] {
  const { neck } = rig;
  const usual = usualMidi(neck.midi.length);
  const gap = (midi: readonly number[], string: number) =>
    (midi[string + 1] ?? NaN) - (midi[string] ?? NaN);
  const changed = neck.midi.findIndex(
    (_, string) => string + 1 < neck.midi.length && gap(neck.midi, string) !== gap(usual, string),
  );
  if (changed < 0) return [];
  const other = neck.midi.findIndex(
    (_, string) => string + 1 < neck.midi.length && gap(neck.midi, string) === gap(usual, string),
  );
  const beside = other < 0 ? changed : other;
  const pair = pairName(rig, changed);
  return drillOf(
    {
      key: `move:changed:${pair}:${gap(neck.midi, changed)}`,
      kind: "move",
      name: `What ${openTuningName(neck)} changes`,
      say: `The shape on ${pair} is another here; then one that stayed, and back.`,
    },
    [
      powerChordAt(rig, changed, 3),
      powerChordAt(rig, beside, 3),
      powerChordAt(rig, changed, 5),
      powerChordAt(rig, beside, 5),
    ],
  );
}

function openTuningName({ midi, capo }: Neck): string {
  return nameTuning(midi.map((pitch) => pitch - capo)).name;
}

/** Keys that lie badly on most necks, and are left out for it (common practice). */
const AWKWARD = ["Bb", "Eb", "F#", "C#", "Ab", "B"];

/** A twelve-bar form in a key whose roots the player's songs do not use. */
function avoidedKey(rig: DrillRig, used: ReadonlySet<number>): readonly PlayedDrill[] {
  const keys = AWKWARD.flatMap((name) => {
    const note = parseNote(name);
    return note.ok ? [note.value] : [];
  });
  const usedBy = (key: (typeof keys)[number]) =>
    [0, 5, 7].filter((degree) => used.has(pitchClass(pitchClassOf(key) + degree))).length;
  const key = keys.toSorted((a, b) => usedBy(a) - usedBy(b))[0];
  if (!key) return [];
  const name = nameOf(rig, pitchClassOf(key));
  return [
    {
      key: `move:key:${name}`,
      kind: "move",
      name: `Twelve bars in ${name}`,
      say: "A key that your songs leave out: the same form, other places.",
      how: "played",
      text: `Texture: quarters\n${writeForm("blues", key, "fives")}`,
      settings: DEFAULT_SONG_SETTINGS,
      bars: null,
      startBpm: START_BPM,
      goalBpm: GOAL_BPM,
      showsSilence: false,
    },
  ];
}

/** How the fretted notes lie to each other, wherever the grip is. */
function shapeOf(grip: DrillGrip | null): string {
  const frets = grip?.fretting.filter((fret) => fret !== null) ?? [];
  return frets.map((fret) => fret - (frets[0] ?? 0)).join();
}

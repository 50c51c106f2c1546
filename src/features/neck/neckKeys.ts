import { type NeighbourKind } from "@/core/neighbours";
import { VOICINGS } from "@/core/voicing";
import { type KeyTable } from "@/ui/controls";
import { HEAR_KEYS } from "@/ui/hear";

/** The twelve keys of the digit row, in order; with Shift they stand for the twelve degrees. */
const DIGIT_ROW = [
  ...[1, 2, 3, 4, 5, 6, 7, 8, 9, 0].map((digit) => `Digit${digit}`),
  "Minus",
  "Equal",
];

/** The tenth voicing is on 0; those after it have no key. */
const VOICING_KEYS = VOICINGS.slice(0, 10).map((_, place) => String((place + 1) % 10));

/** The neighbours on each binding of the table below, in the order of its keys. */
export const NEIGHBOURS_ON_KEYS = {
  alongNeck: ["up the neck", "down the neck"],
  acrossStrings: ["thinner strings", "thicker strings"],
  otherTones: ["inversion", "one note more", "one note less"],
} as const satisfies Readonly<Record<string, readonly NeighbourKind[]>>;

/** Every key of the neck; a page-turn pedal sends the arrows or Page up and down. */
export const NECK_KEYS = {
  root: ["a", "b", "c", "d", "e", "f", "g"],
  rootStep: ["]", "["],
  voicing: VOICING_KEYS,
  next: ["ArrowDown", "ArrowRight", "PageDown"],
  previous: ["ArrowUp", "ArrowLeft", "PageUp"],
  order: ["o"],
  keepShape: ["r"],
  strumSafe: ["s"],
  alongNeck: ["k", "j"],
  acrossStrings: ["l", "h"],
  otherTones: ["i", ".", ","],
  otherFingers: ["n"],
  pin: ["Enter"],
  ...HEAR_KEYS,
  stage: ["v"],
  mapOnly: ["Escape"],
  degrees: DIGIT_ROW.map((code) => `Shift+${code}`),
  labels: ["m"],
} satisfies KeyTable;

/** The key that goes to a neighbour. */
export function neighbourKey(kind: NeighbourKind): string | undefined {
  for (const [name, kinds] of Object.entries(NEIGHBOURS_ON_KEYS)) {
    const place = (kinds as readonly NeighbourKind[]).indexOf(kind);
    if (place >= 0) return NECK_KEYS[name as keyof typeof NEIGHBOURS_ON_KEYS][place];
  }
  return undefined;
}

import { writeFileSync } from "node:fs";
import { FREE_WEIGHTS } from "@/core/preference";
import {
  FREE_TRAITS,
  labelledCase,
  placeCase,
  readChordCases,
  rejectedPlaces,
  VOICING_TRAITS,
  type PlaceCase,
} from "./place/chordCases";
import { fitPlaces, placeAgreement, sumsOf, type PlaceAgreement } from "./place/fitPlaces";
import {
  chordAgreement,
  labelledChords,
  labelledSlashChords,
  type LabelledChord,
} from "./place/labelledChords";
import { labelledPlaces } from "./place/labelledPlaces";
import { furtherRoutes, isAccepted, labelledRoutes } from "./place/labelledRoutes";

/**
 * Fits what players prefer and tells how often it is right on the half that was held out:
 * `npm run bench -- place`. With --write the weights fitted on all open data and half the labels replace the
 * shipped ones, without a report; with --list it prints only the chords whose first grip is no given place.
 */
const WEIGHTS_FILE = "src/core/preference/fittedPreference.ts";
const FREE_FIT = { firstShare: 0.2, pull: 2e-5, rounds: 220 };
/** The open data know one tuning and few muted forms: a labelled chord counts as much as so many of theirs. */
const LABEL_COUNT = 8;
/** Least and most of weights that neither kind of data settles (judgements, by the rules of models.md). */
const JUDGED: Readonly<Partial<Record<(typeof FREE_TRAITS)[number], readonly [number, number]>>> = {
  // The open data put a fifth under a chord where one more string of a bar sounds; a chord without a slash has its root lowest.
  "fifth in the bass": [17, Infinity],
  "bass is another tone": [17, Infinity],
  "no form": [12, Infinity],
  "no form, from sevenths up": [12, Infinity],
  // One finger over all strings is as easy on fret 7 as on fret 2; only altered tunings have such chords, and few labels.
  "fret of one bar": [0, 1.6],
};
const STANDARD_GAPS = [0, 5, 10, 15, 19, 24];
/** Labels are few and easy; the pull keeps the weights near to what they need to be. */
const VOICING_FIT = { firstShare: 0.2, pull: 1e-4, rounds: 300 };

const wholeChords = labelledChords();
const slashChords = labelledSlashChords();
const labelledHalf = [...wholeChords, ...slashChords]
  .filter(({ isHeldOut }) => !isHeldOut)
  .map(labelledCase);
const chords = readChordCases();
console.log(
  `${chords.length} chords, ${chords.reduce((sum, { frettings }) => sum + frettings.length, 0)} frettings; ` +
    `given places not among them: ${chords.reduce((sum, each) => sum + each.givenCount - each.given.filter(Boolean).length, 0)}`,
);
if (process.argv.includes("--write")) {
  const { weights } = fitFree([...chords, ...labelledHalf]);
  writeWeights(weights, fitVoicings(labelledPlaces().map(placeCase)).weights);
  process.exit();
}
show(
  "effort alone, all chords",
  placeAgreement(
    chords,
    FREE_TRAITS.map(() => 0),
  ),
);
show("as shipped, all chords", placeAgreement(chords, Object.values(FREE_WEIGHTS)));
const kinds = [...new Set(chords.map(({ kind }) => kind))].sort();
const evenKinds = new Set(kinds.filter((_, index) => index % 2 === 0));
for (const [name, isFitted] of [
  ["every second root", ({ root }: PlaceCase) => root % 2 === 0],
  ["every second kind", ({ kind }: PlaceCase) => evenKinds.has(kind)],
] as const) {
  const { weights } = fitFree([...chords.filter(isFitted), ...labelledHalf]);
  show(`${name}, fitted half`, placeAgreement(chords.filter(isFitted), weights));
  show(
    `${name}, held out`,
    placeAgreement(
      chords.filter((each) => !isFitted(each)),
      weights,
    ),
  );
}

if (process.argv.includes("--list")) {
  listDisagreements();
  process.exit();
}

const places = labelledPlaces();
const voicings = places.map(placeCase);
const { weights: halfVoicings } = fitVoicings(voicings.filter((_, index) => index % 2 === 0));
show(
  "labelled places, fitted half",
  placeAgreement(
    voicings.filter((_, index) => index % 2 === 0),
    halfVoicings,
  ),
);
show(
  "labelled places, held out",
  placeAgreement(
    voicings.filter((_, index) => index % 2 === 1),
    halfVoicings,
  ),
);
show(
  "labelled places, effort alone",
  placeAgreement(
    voicings,
    VOICING_TRAITS.map(() => 0),
  ),
);
const rejected = rejectedPlaces(places);
console.log(`labelled places whose first grip as shipped is not accepted: ${rejected.length}`);
for (const { tuning, voicing, suggested, accepted } of rejected) {
  const text = (frets: readonly (number | null)[]) => frets.map((fret) => fret ?? "x").join(" ");
  console.log(
    `  ${tuning}, ${voicing.join(" ")}: ${suggested ? text(suggested) : "none"}, not ${accepted.map(text).join(" or ")}`,
  );
}
for (const [name, requested] of [
  ["whole chords, fitted half", wholeChords.filter(({ isHeldOut }) => !isHeldOut)],
  ["whole chords, held out", wholeChords.filter(({ isHeldOut }) => isHeldOut)],
  ["held out, as first labelled", labelledChords(false).filter(({ isHeldOut }) => isHeldOut)],
  ["held out, sevenths and extended", wholeChords.filter((each) => each.isHeldOut && isFull(each))],
  ["held out, altered tunings", wholeChords.filter((each) => each.isHeldOut && isAltered(each))],
  ["chords over a bass, fitted half", slashChords.filter(({ isHeldOut }) => !isHeldOut)],
  ["chords over a bass, held out", slashChords.filter(({ isHeldOut }) => isHeldOut)],
] as const) {
  const { first, inThree, rejected: strays } = chordAgreement(requested);
  console.log(
    `labelled ${name}: n ${requested.length}, first ${percent(first)} (${interval(first, requested.length)}), ` +
      `in three ${percent(inThree)} (${interval(inThree, requested.length)})`,
  );
  for (const [{ tuning, chord, accepted }, fretting] of strays) {
    const text = (frets: readonly (number | null)[]) => frets.map((fret) => fret ?? "x").join(" ");
    console.log(
      `  ${tuning}, ${chord.name}: ${fretting ? text(fretting) : "none"}, not ${accepted.map(text).join(" or ")}`,
    );
  }
}
for (const [name, routes] of [
  ["progressions", labelledRoutes()],
  ["further progressions", furtherRoutes()],
] as const) {
  const accepted = routes.filter(isAccepted);
  console.log(
    `${name} whose first route is an accepted one: ${accepted.length} of ${routes.length} ` +
      `(${interval(accepted.length / routes.length, routes.length)})`,
  );
  for (const { tuning, chords, suggested } of routes.filter((route) => !isAccepted(route))) {
    console.log(`  ${tuning}, ${chords}: ${suggested}`);
  }
}

function isFull({ chord: { tones } }: LabelledChord): boolean {
  return tones.kind === "free" && tones.allowed.length >= 4;
}

function isAltered({ neck: { midi } }: LabelledChord): boolean {
  return (
    midi.length !== 6 ||
    midi.some((pitch, string) => pitch - (midi[0] ?? 0) !== STANDARD_GAPS[string])
  );
}

/** Every chord of the open data whose first grip as shipped is no given place. */
function listDisagreements(): void {
  const text = (frets: readonly (number | null)[] | undefined) =>
    (frets ?? []).map((fret) => fret ?? "x").join(" ");
  for (const example of chords) {
    const sums = sumsOf(example, Object.values(FREE_WEIGHTS));
    const first = sums.indexOf(Math.min(...sums));
    if (example.given[first]) continue;
    const given = example.frettings.filter((_, row) => example.given[row]);
    console.log(
      `  ${example.name.padEnd(14)} ${text(example.frettings[first])}, given ${given.map(text).join(", ")}`,
    );
  }
}

/** Labelled chords among the cases count `LABEL_COUNT` times. */
function fitFree(cases: readonly PlaceCase[]) {
  const labelled = cases.filter((each) => labelledHalf.includes(each));
  const further = Array.from({ length: LABEL_COUNT - 1 }, () => labelled).flat();
  return fitPlaces([...cases, ...further], {
    ...FREE_FIT,
    start: FREE_TRAITS.map(() => 0),
    bounds: FREE_TRAITS.map((trait) => JUDGED[trait] ?? [0, Infinity]),
  });
}

function fitVoicings(cases: readonly PlaceCase[]) {
  return fitPlaces(cases, {
    ...VOICING_FIT,
    start: VOICING_TRAITS.map(() => 0),
    bounds: VOICING_TRAITS.map(() => [0, Infinity]),
  });
}

function show(what: string, found: PlaceAgreement): void {
  const { cases, anyFirst, anyInThree, usualFirst, usualInThree } = found;
  const told = (share: number) => `${percent(share)} (${interval(share, cases)})`;
  console.log(
    `${what.padEnd(32)} n ${cases}  any first ${told(anyFirst)}  in three ${told(anyInThree)}  ` +
      `usual first ${told(usualFirst)}  in three ${told(usualInThree)}`,
  );
}

function percent(share: number): string {
  return `${(100 * share).toFixed(1)} %`;
}

/** Wilson's interval at 95 %. */
function interval(share: number, n: number): string {
  const z = 1.96;
  const middle = (share + (z * z) / (2 * n)) / (1 + (z * z) / n);
  const half =
    (z / (1 + (z * z) / n)) * Math.sqrt((share * (1 - share)) / n + (z * z) / (4 * n * n));
  return `${(100 * (middle - half)).toFixed(0)} to ${(100 * (middle + half)).toFixed(0)}`;
}

function writeWeights(free: ArrayLike<number>, voicing: ArrayLike<number>): void {
  const lines = (traits: readonly string[], weights: ArrayLike<number>) =>
    traits.map((trait, at) => `  "${trait}": ${Number(weights[at]?.toFixed(2))},`).join("\n");
  writeFileSync(
    WEIGHTS_FILE,
    `/**
 * Every weight of the preference, in effort points per unit of the trait named. Written by
 * \`npm run bench -- place --write\`, which says what they are fitted on.
 */
export const FREE_WEIGHTS = {
${lines(FREE_TRAITS, free)}
} as const;

export const STACK_WEIGHTS = {
${lines(VOICING_TRAITS, voicing)}
} as const;

export type FreeTrait = keyof typeof FREE_WEIGHTS;
export type StackTrait = keyof typeof STACK_WEIGHTS;
`,
  );
  console.log(`wrote ${WEIGHTS_FILE}`);
}

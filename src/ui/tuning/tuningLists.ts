import { type Accidentals, type Midi } from "@/core/pitch";
import { nameTuning, TUNING_GROUPS, type Tuning } from "@/core/tuning";
import { callTuning, type Guitar, type OwnTuning } from "@/state";

/** Where tunings are taken from, and for which guitars. */
export interface TuningShelf {
  readonly guitars: readonly Guitar[];
  /** The guitar in hand. */
  readonly guitar: Guitar;
  /** By their pitches, in the player's order. */
  readonly favourites: readonly (readonly Midi[])[];
  readonly ownTunings: readonly OwnTuning[];
  readonly accidentals: Accidentals;
}

/** Some tunings under one heading. */
export interface TuningList {
  readonly title: string;
  readonly tunings: readonly Tuning[];
}

/**
 * Every tuning with this many strings whose name or letters contain the text: favourites,
 * the player's own, then the catalogue by kind.
 */
export function tuningLists(
  shelf: Pick<TuningShelf, "favourites" | "ownTunings" | "accidentals">,
  strings: number,
  text: string,
): readonly TuningList[] {
  const { favourites, ownTunings, accidentals } = shelf;
  const call = (midi: readonly Midi[]) => callTuning(midi, ownTunings, accidentals);
  const lists: readonly TuningList[] = [
    { title: "Favourites", tunings: favourites.map(call) },
    {
      title: "Your own",
      tunings: ownTunings.map(({ name, midi }) => ({ name, midi, kind: "own" as const })),
    },
    ...catalogueLists(accidentals),
  ];
  const wanted = plain(text);
  return lists
    .map(({ title, tunings }) => ({
      title,
      tunings: tunings.filter(
        ({ midi, name }) => midi.length === strings && plain(name).includes(wanted),
      ),
    }))
    .filter(({ tunings }) => tunings.length > 0);
}

/** Naming the whole catalogue takes tens of milliseconds, too long for every key press, so they are named once per spelling. */
const catalogues = new Map<Accidentals, readonly TuningList[]>();

function catalogueLists(accidentals: Accidentals): readonly TuningList[] {
  const known = catalogues.get(accidentals);
  if (known) return known;
  const lists = TUNING_GROUPS.map(({ name, tunings }) => ({
    title: name,
    tunings: tunings.map(({ midi }) => nameTuning(midi, accidentals)),
  }));
  catalogues.set(accidentals, lists);
  return lists;
}

function plain(text: string): string {
  return text.trim().toLowerCase().replace(/♯/g, "#").replace(/♭/g, "b");
}

/** The most strings whose tunings fit side by side; longer ones take a line each. */
const MAX_SIDE_BY_SIDE = 7;

/** How to lay out rows of tunings with this many strings. */
export function rowsLayout(strings: number): string {
  return strings <= MAX_SIDE_BY_SIDE ? "grid gap-x-4 sm:grid-cols-2" : "grid";
}

import { type Accidentals, type Midi } from "@/core/pitch";
import { nameTuning, TUNING_GROUPS, type Tuning } from "@/core/tuning";
import { type OwnTuning, type Rig } from "@/server/types";

/** Some tunings under one heading. */
export interface TuningList {
  readonly title: string;
  readonly tunings: readonly Tuning[];
}

/** A tuning under the name the player gave it, else under its best name. */
export function callTuning(
  midi: readonly Midi[],
  ownTunings: readonly OwnTuning[],
  accidentals: Accidentals,
): Tuning {
  const key = midi.join();
  const own = ownTunings.find((tuning) => tuning.midi.join() === key);
  const tuning = nameTuning(midi, accidentals);
  return own ? { ...tuning, name: own.name, kind: "own" } : tuning;
}

/**
 * Every tuning for so many strings, narrowed to names (and letters) that hold the text: favourites,
 * the player's own, then the catalogue by kind.
 */
export function tuningLists(
  rig: Pick<Rig, "favourites" | "ownTunings" | "profile">,
  strings: number,
  text: string,
): readonly TuningList[] {
  const { favourites, ownTunings } = rig;
  const { accidentals } = rig.profile;
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

/** Naming the whole catalogue takes tens of milliseconds, too long for each key: done once a spelling. */
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
const MOST_SIDE_BY_SIDE = 7;

/** How to lay out rows of tunings for so many strings. */
export function rowsLayout(strings: number): string {
  return strings <= MOST_SIDE_BY_SIDE ? "grid gap-x-4 sm:grid-cols-2" : "grid";
}

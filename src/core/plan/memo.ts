import { type Chord } from "@/core/chart";
import { type Neck } from "@/core/neck";
import { pitchClassOf } from "@/core/pitch";
import { type CostOfChange } from "@/core/route";
import { costOfChangeOn } from "./costOfChange";
import { cutAt, type GripStop, type StopFinder, type StopList } from "./stops";

/**
 * What was worked out for songs on one neck in one player's hands, so that a song that changed in one chord is planned
 * without looking for the others' grips again.
 */
export interface RouteMemo {
  readonly costOfChange: CostOfChange<GripStop>;
  /** A finder under some terms, told apart by `key`, that remembers what it found. */
  readonly remembering: (finder: StopFinder, key: string) => StopFinder;
}

/** Lists of stops that are remembered, before all are forgotten. */
const MAX_LISTS = 600;

export function makeRouteMemo(neck: Neck): RouteMemo {
  const firsts = new Map<string, StopList>();
  const widest = new Map<string, StopList>();
  const forget = () => {
    if (firsts.size + widest.size < MAX_LISTS) return;
    firsts.clear();
    widest.clear();
  };
  return {
    costOfChange: costOfChangeOn(neck),
    remembering: (finder, key) => ({
      ...finder,
      first: (chord, max) => {
        const name = `${key} ${chordKey(chord)} ${max}`;
        const known = firsts.get(name);
        if (known) return known;
        forget();
        const found = finder.first(chord, max);
        firsts.set(name, found);
        return found;
      },
      within: (chord, limit) => {
        const name = `${key} ${chordKey(chord)}`;
        const known = widest.get(name);
        if (known && known.upTo >= limit) return cutAt(known, limit);
        forget();
        const found = finder.within(chord, limit);
        widest.set(name, found);
        return found;
      },
    }),
  };
}

/** Chords are told apart by what they ask for and not by their names. */
export function chordKey({ root, tones }: Chord): string {
  return JSON.stringify([pitchClassOf(root), tones]);
}

import { type Midi } from "@/core/pitch";

/** Ids that tell rows apart while dragging: a tuning in a list, one among the favourites, and their place. */
export const FAVOURITES_ID = "favourites";

const LISTED = "listed ";
const FAVOURITE = "favourite ";

export function listedId(midi: readonly Midi[]): string {
  return LISTED + midi.join();
}

export function favouriteId(midi: readonly Midi[]): string {
  return FAVOURITE + midi.join();
}

/** The pitches that an id stands for; empty for the place itself. */
export function midiOfId(id: string): readonly Midi[] {
  const digits = id.replace(LISTED, "").replace(FAVOURITE, "");
  return digits === FAVOURITES_ID ? [] : digits.split(",").map(Number);
}

/**
 * Where among the others a favourite is put that was dropped: before the row it was dropped on, at the end where that
 * was the place between rows.
 */
export function dropIndex(
  favourites: readonly (readonly Midi[])[],
  dragged: readonly Midi[],
  over: readonly Midi[],
): number {
  const indexOf = (midi: readonly Midi[]) =>
    favourites.findIndex((other) => other.join() === midi.join());
  const others = favourites.length - (indexOf(dragged) < 0 ? 0 : 1);
  const onto = indexOf(over);
  return onto < 0 ? others : onto;
}

import { type Midi } from "@/core/pitch";

/** Names by which dragging tells rows apart: a tuning in a list, one among the favourites, and their place. */
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
 * The favourites after something was dropped on them: put before the row it was dropped on, at the
 * end where that was the place between rows.
 */
export function dropFavourite(
  favourites: readonly (readonly Midi[])[],
  dragged: readonly Midi[],
  over: readonly Midi[],
): readonly (readonly Midi[])[] {
  const indexOf = (midi: readonly Midi[]) =>
    favourites.findIndex((other) => other.join() === midi.join());
  const [from, onto] = [indexOf(dragged), indexOf(over)];
  const rest = favourites.filter((_, index) => index !== from);
  return rest.toSpliced(onto < 0 ? rest.length : onto, 0, dragged);
}

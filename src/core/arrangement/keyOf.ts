import { type SongRoute } from "./planSong";

/** The same for routes through the same grips, however they are fingered. */
export function keyOf({ timed }: SongRoute): string {
  return timed.stops.map(({ place }) => place).join(" ");
}

import { type Fretting } from "./fretting";

/** More than a page, a file or a player could use; a search that goes on would only fill the memory. */
export const MOST_FRETTINGS = 1_000_000;

export class TooManyFrettings extends RangeError {
  constructor() {
    super(`more than ${MOST_FRETTINGS} frettings; ask for less reach, fewer notes or fewer frets`);
    this.name = "TooManyFrettings";
  }
}

/** Keeps a copy of a finished fretting. Throws TooManyFrettings when there is no room for it. */
export function collect(found: Fretting[], fretting: Fretting): void {
  if (found.length === MOST_FRETTINGS) throw new TooManyFrettings();
  found.push([...fretting]);
}

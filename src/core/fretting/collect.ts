import { type Fretting } from "./fretting";

/** More than a page, a file or a player could use; going on would only fill memory. */
const MAX_FRETTINGS = 1_000_000;

export class TooManyFrettings extends RangeError {
  constructor(max = MAX_FRETTINGS) {
    super(`more than ${max} frettings; ask for less reach, fewer notes or fewer frets`);
    this.name = "TooManyFrettings";
  }
}

/** Adds a copy of a finished fretting. Throws TooManyFrettings when there is no room. */
export function collect(found: Fretting[], fretting: Fretting, max = MAX_FRETTINGS): void {
  if (found.length >= max) throw new TooManyFrettings(max);
  found.push([...fretting]);
}

import { type Mark, type MarkPlace } from "./settings";

/** Whether a place is this one: the chord itself, its section, or everywhere it is played. */
function covers(
  { chord, section, at }: MarkPlace,
  name: string,
  key: string,
  bar: number,
  inBar: number,
): boolean {
  if (chord !== name || (section !== null && section !== key)) return false;
  return at === null || (at[0] === bar && at[1] === inBar);
}

/** The narrower a place, the more it counts. */
function width({ section, at }: MarkPlace): number {
  return at !== null ? 0 : section !== null ? 1 : 2;
}

/** The marks that hold for a chord, the narrowest of each act; of grips that are forbidden, all. */
export function marksAt(
  marks: readonly Mark[],
  name: string,
  key: string,
  bar: number,
  inBar: number,
): readonly Mark[] {
  const here = marks
    .filter((mark) => covers(mark, name, key, bar, inBar))
    .toSorted((a, b) => width(a) - width(b));
  const pinned = here.find(({ act }) => act === "pin");
  return here.filter((mark) => {
    // A grip that is pinned here, though forbidden elsewhere, is played here.
    if (mark.act === "forbid") {
      return !(pinned?.act === "pin" && pinned.fretting.join() === mark.fretting.join());
    }
    return mark === here.find(({ act }) => act === mark.act);
  });
}

/** The marks with one more, which takes the place of what it contradicts at the very same place. */
export function addMark(marks: readonly Mark[], added: Mark): readonly Mark[] {
  return [...marks.filter((mark) => !contradicts(mark, added)), added];
}

function contradicts(mark: Mark, added: Mark): boolean {
  if (!isSamePlace(mark, added)) return false;
  const isSameGrip =
    "fretting" in mark && "fretting" in added && mark.fretting.join() === added.fretting.join();
  if (mark.act === "forbid" || added.act === "forbid") return isSameGrip;
  const isLoosening = ({ act }: Mark) => act === "leave" || act === "scratch";
  return mark.act === added.act || (isLoosening(mark) && isLoosening(added));
}

function isSamePlace(a: MarkPlace, b: MarkPlace): boolean {
  return a.chord === b.chord && a.section === b.section && a.at?.join() === b.at?.join();
}

/** What two pages made of one document since both knew it. */
interface Merged<T> {
  /** Fields that the other page changed and this one did not. */
  readonly theirs: Partial<T>;
  /** Whether both changed a field, each to something else. */
  readonly isConflict: boolean;
}

export function mergeFields<T extends object>(known: T, mine: T, theirs: T): Merged<T> {
  const taken: Partial<T> = {};
  let isConflict = false;
  for (const name of Object.keys(theirs) as (keyof T)[]) {
    const [before, here, there] = [known[name], mine[name], theirs[name]];
    if (same(before, there) || same(here, there)) continue;
    if (same(before, here)) taken[name] = there;
    else isConflict = true;
  }
  return { theirs: taken, isConflict };
}

function same(a: unknown, b: unknown): boolean {
  return JSON.stringify(a) === JSON.stringify(b);
}

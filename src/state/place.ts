/** A place in a list that the player puts in order; between two neighbours there is always room. */
export interface Placed {
  readonly position: number;
}

interface Item extends Placed {
  readonly id: number;
}

/**
 * Positions that put an item at an index among others, which are in order: its own alone where there is room between
 * its neighbours, else everybody's. The item's number need not be among the others.
 */
export function placeAt(
  others: readonly Item[],
  index: number,
  id: number,
): readonly { readonly id: number; readonly position: number }[] {
  const [before, after] = [others[index - 1], others[index]];
  if (!before && !after) return [{ id, position: 0 }];
  const low = before?.position ?? (after?.position ?? 0) - 2;
  const high = after?.position ?? (before?.position ?? 0) + 2;
  const position = (low + high) / 2;
  if (position > low && position < high) return [{ id, position }];
  const ids = others.map((item) => item.id).toSpliced(index, 0, id);
  return ids.map((each, place) => ({ id: each, position: place }));
}

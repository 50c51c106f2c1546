/** The fields that differ, as they are now. */
export function changedFields<T extends object>(before: T, now: T): Partial<T> {
  const names = Object.keys(now) as (keyof T)[];
  const isChanged = (name: keyof T) => JSON.stringify(before[name]) !== JSON.stringify(now[name]);
  return Object.fromEntries(names.filter(isChanged).map((name) => [name, now[name]])) as Partial<T>;
}

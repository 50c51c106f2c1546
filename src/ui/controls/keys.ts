import { useShortcuts, type Shortcuts } from "./useShortcuts";

/**
 * The keys of a part, by what they do and named as `useShortcuts` names them. Where several keys do one
 * thing, the place of the pressed one says which. The same table listens and is shown in the list of keys.
 */
export type KeyTable = Readonly<Record<string, readonly string[]>>;

/** What to do for each entry of a table; `place` is that of the pressed key among its keys. */
type KeyHandlers<Table extends KeyTable> = Readonly<Record<keyof Table, (place: number) => void>>;

/** Listens for the keys of a table, as `useShortcuts` does. */
export function useKeys<Table extends KeyTable>(
  table: Table,
  handlers: KeyHandlers<Table>,
  where: "page" | "dialog" = "page",
  spaceOverButtons = false,
): void {
  const shortcuts: Shortcuts = Object.fromEntries(
    Object.entries(table).flatMap(([name, keys]) =>
      keys.map((key, place) => [key, () => handlers[name]?.(place)]),
    ),
  );
  useShortcuts(shortcuts, where, spaceOverButtons);
}

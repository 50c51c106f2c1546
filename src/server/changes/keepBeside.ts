import { type Database } from "better-sqlite3";
import { addKept, listKept, type Keeper } from "@/server/keeper";
import { type Kept, type ListedKind } from "@/state";

const LONGEST_NAME = 60;

/**
 * Keeps a document beside a newer one that another window saved, under a name of its own, and says so: a save
 * over something newer is refused, and neither is lost.
 */
export function keepBeside(
  connection: Database,
  keeper: Keeper,
  value: Kept[ListedKind],
  revision: number,
): string {
  const name = "name" in value ? value.name : keeper.called;
  const taken = new Set(
    listKept(connection, keeper).map((other) => ("name" in other.value ? other.value.name : "")),
  );
  const own = firstFree(name, taken);
  addKept(connection, keeper, { ...value, name: own } as Kept[ListedKind], { revision });
  return besideNotice({ name: own });
}

/** What is said of a document that was kept beside a newer one, under a name of its own. */
export function besideNotice(beside: object): string {
  const own = "name" in beside ? String(beside.name) : "a copy";
  const name = own.replace(/ \(\d+\)$/, "");
  return `Another window saved a newer ${name}. It stays, and yours is kept beside it as ${own}.`;
}

function firstFree(name: string, taken: ReadonlySet<string>): string {
  for (let number = 2; ; number++) {
    const ending = ` (${number})`;
    const candidate = `${[...name].slice(0, LONGEST_NAME - ending.length).join("")}${ending}`;
    if (!taken.has(candidate)) return candidate;
  }
}

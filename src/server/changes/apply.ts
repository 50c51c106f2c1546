import { type Database } from "better-sqlite3";
import { changeChoice } from "@/server/choice";
import { Refused, validate } from "@/server/edge";
import {
  changedSince,
  findKept,
  firstKept,
  type Keeper,
  type Stored,
  prepared,
} from "@/server/keeper";
import { guitarKeeper, changeProfile } from "@/server/tables";
import { PLAYER_ID, type Kept, type ListedKind } from "@/state";
import { isUnchanged, type Act, type Change, type Outcome } from "@/wire";
import { KEEPERS } from "./keepers";
import { besideNotice, keepBeside } from "./keepBeside";
import { nextRevision, recordChange, revisionOf } from "./revision";

/**
 * Makes changes in their order, all in one transaction that holds the only pen from its first read to its last write.
 * One that is refused changes nothing and says why; one that was made before is not made again.
 */
export function makeChanges(connection: Database, changes: readonly Change[]): readonly Outcome[] {
  const one = connection.transaction((change: Change): Outcome => {
    const { key } = change;
    const revision = nextRevision(connection);
    const told = act(connection, change, revision);
    recordChange(connection, key, PLAYER_ID, revision);
    return { key, problem: null, revision, ...told };
  });
  const all = connection.transaction(() =>
    changes.map((change): Outcome => {
      const { key } = change;
      const made = revisionOf(connection, key);
      if (made !== null) {
        return { key, problem: null, revision: made, ...toldAgain(connection, change, made) };
      }
      try {
        return one(change);
      } catch (error) {
        if (!(error instanceof Refused)) throw error;
        const { field, message } = error;
        return { key, problem: { field, message }, revision: null };
      }
    }),
  );
  return all.immediate();
}

/** The answer to a change that is sent again because its first answer was lost: saved as a second document, or perhaps merged. */
function toldAgain(connection: Database, change: Act, made: number): Told {
  if (change.act !== "set" || change.kind === "profile" || change.kind === "choice") {
    return NOTHING_TOLD;
  }
  const kept = keptAt(connection, KEEPERS[change.kind] as unknown as Keeper, made);
  if (!kept || kept.id === change.id) return change.was ? { isMerged: true } : NOTHING_TOLD;
  return { notice: besideNotice(kept.value) };
}

/** What the page has to know about a change that was made. */
type Told = Pick<Outcome, "notice" | "isMerged">;
const NOTHING_TOLD: Told = {};

function act(connection: Database, change: Act, revision: number): Told {
  if (change.kind === "profile") {
    changeProfile(connection, change.fields, revision);
    return NOTHING_TOLD;
  }
  if (change.kind === "choice") {
    const first = firstKept(connection, guitarKeeper);
    if (!first) throw new Refused("guitar", "There is no guitar.");
    changeChoice(connection, change.fields, revision, { ...first.value, id: first.id });
    return NOTHING_TOLD;
  }
  // The kind of the act is the kind of the keeper, which the compiler cannot follow.
  return actOn(
    connection,
    KEEPERS[change.kind] as unknown as Keeper,
    change as ListedAct,
    revision,
  );
}

type ListedAct = Extract<Act, { readonly kind: ListedKind }>;

function actOn(connection: Database, keeper: Keeper, change: ListedAct, revision: number): Told {
  const { id } = change;
  if (change.act === "add") return add(connection, keeper, id, change.value, revision);
  const old = findKept(connection, keeper, id);
  if (!old) throw new Refused(keeper.kind, `There is no ${keeper.called} ${id}.`);
  if (change.act === "set") return set(connection, keeper, old, change, revision);
  const isDelete = change.act === "delete";
  if (isDelete) keeper.mayDelete?.(connection, id);
  else if (hasSame(connection, keeper, old)) return NOTHING_TOLD;
  const deletedAt = isDelete ? new Date().toISOString() : null;
  prepared(connection, keeper.mark).run({ id, deletedAt, revision });
  return NOTHING_TOLD;
}

/** Whether something alive is the same already, so that bringing this back would double it. */
function hasSame(connection: Database, keeper: Keeper, { id, value }: Stored<ListedKind>): boolean {
  const same = keeper.findSame?.(connection, value) ?? null;
  return same !== null && same !== id;
}

function add(
  connection: Database,
  keeper: Keeper,
  id: number,
  sent: Kept[ListedKind],
  revision: number,
): Told {
  const value = validate(keeper.schema, sent);
  if (findKept(connection, keeper, id)) {
    throw new Refused(keeper.kind, `There is a ${keeper.called} ${id} already. Do it once more.`);
  }
  checkReferences(connection, value);
  if ((keeper.findSame?.(connection, value) ?? null) !== null) return NOTHING_TOLD;
  prepared(connection, keeper.insert).run({ ...keeper.toRow(value), id, revision });
  return NOTHING_TOLD;
}

function set(
  connection: Database,
  keeper: Keeper,
  old: Stored<ListedKind>,
  change: Extract<ListedAct, { readonly act: "set" }>,
  revision: number,
): Told {
  const { id, fields, basedOn, after, was } = change;
  const followed = after === undefined ? null : revisionOf(connection, after);
  if (old.deleted) throw new Refused(keeper.kind, `The ${keeper.called} was deleted meanwhile.`);
  const merged = { ...old.value, ...fields } as Kept[ListedKind];
  const value = validate(keeper.schema, keeper.fit?.(merged, fields) ?? merged);
  checkReferences(connection, value);
  const isNext = followed !== null && followed === old.revision;
  const update = (row: Kept[ListedKind], target: number) =>
    prepared(connection, keeper.update).run({ ...keeper.toRow(row), id: target, revision });
  const beside = followed === null ? undefined : keptAt(connection, keeper, followed);
  if (beside && beside.id !== id) {
    // The change before this one was kept beside the document; this one goes on there.
    const { name } = beside.value as { readonly name?: string };
    const more = { ...beside.value, ...fields, ...(name !== undefined && { name }) };
    update(validate(keeper.schema, more as Kept[ListedKind]), beside.id);
    return NOTHING_TOLD;
  }
  const isNewest = basedOn === undefined || basedOn >= old.revision;
  // The change before it may have been merged, so the page need not have seen the whole document.
  if (isNewest || (isNext && !was)) {
    update(value, id);
    return NOTHING_TOLD;
  }
  if (was && Object.keys(fields).every((field) => field in was) && isUnchanged(old.value, was)) {
    update(value, id);
    return isNext ? NOTHING_TOLD : { isMerged: true };
  }
  return { notice: keepBeside(connection, keeper, value, revision) };
}

/** The document that a change of this revision made or changed last. */
function keptAt(
  connection: Database,
  keeper: Keeper,
  revision: number,
): Stored<ListedKind> | undefined {
  return changedSince(connection, keeper, revision - 1).find((each) => each.revision === revision);
}

/** A grip belongs to a guitar that is there. */
function checkReferences(connection: Database, value: Kept[ListedKind]): void {
  if (!("guitarId" in value) || value.guitarId === null) return;
  if (!findKept(connection, guitarKeeper, value.guitarId)) {
    throw new Refused("guitarId", `There is no guitar ${value.guitarId}.`);
  }
}

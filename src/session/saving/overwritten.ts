import { type Change, type Effect } from "@/wire";
import { fieldWords } from "./fieldWords";

/** Fields that this page set, and to what, as far as nobody else has changed them since. */
export type OwnFields = ReadonlyMap<string, string>;

/** What every window has its own of: another root on another screen is no loss. */
const APART = ["choice"];

const placeOf = (kind: string, id: number, field: string) => `${kind} ${id} ${field}`;

/** The fields of this page once its changes are acknowledged. */
export function withOwn(own: OwnFields, made: readonly Change[]): OwnFields {
  const next = new Map(own);
  for (const change of made) {
    if (change.act !== "set" || APART.includes(change.kind)) continue;
    for (const [field, value] of Object.entries(change.fields)) {
      next.set(placeOf(change.kind, change.id, field), JSON.stringify(value));
    }
  }
  return next;
}

/** Which fields of this page others have changed after it, in words; and those that are still its own. */
export function overwritten(
  own: OwnFields,
  effects: readonly Effect[],
  waiting: readonly Change[],
): { readonly told: readonly string[]; readonly own: OwnFields } {
  const rest = new Map(own);
  const told: string[] = [];
  for (const { kind, id, value } of effects) {
    const name = value && "name" in value ? String(value.name) : null;
    const fields = Object.entries(value ?? {}).flatMap(([field, now]) => {
      const place = placeOf(kind, id, field);
      const before = rest.get(place);
      if (before === undefined || before === JSON.stringify(now)) return [];
      rest.delete(place);
      return isWaiting(waiting, kind, id, field) ? [] : [fieldWords(field)];
    });
    if (fields.length > 0) {
      const what = name ?? (kind === "profile" ? "your settings" : `a ${kind}`);
      told.push(`Another window changed ${what} after you: ${fields.join(", ")}.`);
    }
  }
  return { told, own: rest };
}

/** What this page is about to set again is its own business. */
function isWaiting(waiting: readonly Change[], kind: string, id: number, field: string): boolean {
  return waiting.some(
    (change) =>
      change.act === "set" && change.kind === kind && change.id === id && field in change.fields,
  );
}

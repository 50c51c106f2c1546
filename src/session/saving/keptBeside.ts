import { DEFAULT_SONG_SETTINGS } from "@/core/arrangement";
import { guitarFor, type Guitar, type Kept, type ListedKind } from "@/state";
import { nextId, type Act, type Change } from "@/wire";

/** What is added on its own, and needs nothing else of the data it was made on. */
const APART: readonly ListedKind[] = ["guitar", "tuning", "voicing", "favourite", "journal"];

/**
 * What changes that were made on other data would add to these: things that were added there, and songs and comparisons that
 * were written on, as new ones. Nothing that is here is changed.
 */
export function actsBeside(
  changes: readonly Change[],
  guitars: readonly Guitar[],
  nowMs: number,
): readonly Act[] {
  const things = new Map<string, Thing>();
  for (const change of changes) {
    const place = `${change.kind} ${change.id}`;
    things.set(place, after(things.get(place), change));
  }
  return [...things.values()].flatMap((thing) => {
    const added = thing.isDeleted ? null : addedOf(thing, guitars);
    const id = nextId(nowMs, Math.random());
    return added ? [{ act: "add", id, ...added } as Act] : [];
  });
}

/** What is known of one thing from the changes to it. */
interface Thing {
  readonly kind: Change["kind"];
  readonly isAdded: boolean;
  readonly isDeleted: boolean;
  readonly fields: Readonly<Record<string, unknown>>;
}

function after(before: Thing | undefined, change: Change): Thing {
  const old = before ?? { kind: change.kind, isAdded: false, isDeleted: false, fields: {} };
  switch (change.act) {
    case "add":
      return { ...old, isAdded: true, isDeleted: false, fields: { ...change.value } };
    case "set":
      return { ...old, fields: { ...old.fields, ...change.fields } };
    case "delete":
      return { ...old, isDeleted: true };
    case "restore":
      return { ...old, isDeleted: false };
  }
}

function addedOf({ kind, isAdded, fields }: Thing, guitars: readonly Guitar[]) {
  if (kind === "song" && typeof fields.chart === "string") {
    return { kind, value: songOf(fields as Partial<Kept["song"]>, guitars) };
  }
  if (kind === "comparison" && fields.comparison) {
    const name = typeof fields.name === "string" ? fields.name : "From other data";
    return { kind, value: { ...fields, name } };
  }
  if (!isAdded) return null;
  const isGuitarHere = guitars.some(({ id }) => id === fields.guitarId);
  if (kind === "round") {
    return { kind, value: { ...fields, guitarId: isGuitarHere ? fields.guitarId : null } };
  }
  const isWhole = (APART as readonly string[]).includes(kind) || (kind === "pin" && isGuitarHere);
  return isWhole ? { kind, value: fields } : null;
}

/** A song on a guitar that is here. */
function songOf(fields: Partial<Kept["song"]>, guitars: readonly Guitar[]): Kept["song"] {
  const [first] = guitars;
  const guitar = first && (guitarFor(guitars, first, fields.tuningMidi?.length ?? 6) ?? first);
  const tuningMidi = fields.tuningMidi ?? guitar?.tunedMidi ?? [];
  const isFitting = guitar?.usualMidi.length === tuningMidi.length;
  return {
    name: fields.name ?? "From other data",
    chart: fields.chart ?? "",
    guitarId: guitar?.id ?? 0,
    tuningMidi: isFitting ? tuningMidi : (guitar?.tunedMidi ?? []),
    settings: { ...DEFAULT_SONG_SETTINGS, ...fields.settings },
    archived: false,
  };
}

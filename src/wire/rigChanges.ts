import { type Act, type Effect } from "./change";
import { isLogged, LISTED_FIELDS, type RigKind, type Guitar, type Rig } from "@/state";

/** Where each kind is found in the rig. */
const LISTS = {
  guitar: "guitars",
  pin: "pins",
  tuning: "ownTunings",
  voicing: "ownVoicings",
  favourite: "favourites",
  comparison: "comparisons",
  song: "songs",
} as const satisfies Record<RigKind, keyof Rig>;

interface Item {
  readonly id: number;
}
type Order = (a: Item, b: Item) => number;

const byId: Order = (a, b) => a.id - b.id;
const by =
  (field: string, min: Order): Order =>
  (a, b) => {
    const [one, other] = [a, b].map((item) => (item as unknown as Record<string, number>)[field]);
    if (one === other || one === undefined || other === undefined) return min(a, b);
    return one < other ? -1 : 1;
  };

/** Numbers grow with time, so that they tell what is older. */
const ORDERS: Readonly<Record<RigKind, Order>> = {
  guitar: byId,
  pin: byId,
  tuning: by("name", byId),
  voicing: by("position", byId),
  favourite: by("position", byId),
  comparison: (a, b) => byId(b, a),
  song: (a, b) => byId(b, a),
};

/** The rig as it will be once an act is done; unchanged by an act that does not concern it. */
export function actOnRig(rig: Rig, act: Act): Rig {
  if (isLogged(act.kind) || act.kind === "choice") return rig;
  if (act.kind === "profile") return { ...rig, profile: { ...rig.profile, ...act.fields } };
  const { kind } = act;
  if (act.act === "add") return put(rig, kind, act.id, () => listed(kind, act.value));
  if (act.act === "set") return put(rig, kind, act.id, (old) => old && fit(kind, old, act.fields));
  return act.act === "delete" ? put(rig, kind, act.id, () => null) : rig;
}

/** The rig with what the server answered. */
export function mergeEffect(rig: Rig, effect: Effect): Rig {
  const { kind, id, revision, value } = effect;
  if (isLogged(kind) || kind === "choice") return rig;
  if (kind === "profile") return { ...rig, profile: { ...rig.profile, ...value } };
  return put(
    rig,
    kind,
    id,
    () => value && (kind in LISTED_FIELDS ? { ...value, revision } : value),
  );
}

/** Puts what `make` makes of an item into its list, in order; null takes it out. */
function put(
  rig: Rig,
  kind: RigKind,
  id: number,
  make: (old: object | undefined) => object | null | undefined,
): Rig {
  const list: readonly Item[] = rig[LISTS[kind]];
  const made = make(list.find((item) => item.id === id));
  const others = list.filter((item) => item.id !== id);
  // The last guitar stays, whatever a page thinks; the server refuses to delete it too.
  if (!made && kind === "guitar" && others.length === 0) return rig;
  const next = made ? [...others, { ...made, id }].sort(ORDERS[kind]) : others;
  return { ...rig, [LISTS[kind]]: next };
}

/** A list shows a document without its content. */
function listed(kind: RigKind, value: object): object {
  const fields: readonly string[] | undefined = LISTED_FIELDS[kind as keyof typeof LISTED_FIELDS];
  if (!fields) return value;
  return Object.fromEntries(Object.entries(value).filter(([field]) => fields.includes(field)));
}

function fit(kind: RigKind, old: object, fields: object): object {
  const next = { ...old, ...listed(kind, fields) };
  return kind === "guitar" && !("tunedMidi" in fields) ? fitTuned(next as Guitar) : next;
}

/** With another number of strings a guitar cannot keep what it is tuned to. */
export function fitTuned<G extends Pick<Guitar, "usualMidi" | "tunedMidi">>(guitar: G): G {
  const fits = guitar.tunedMidi.length === guitar.usualMidi.length;
  return fits ? guitar : { ...guitar, tunedMidi: guitar.usualMidi };
}

/** The list in which each kind of item lies, sorted as players see it. */
export function sortKept<T extends Item>(kind: RigKind, items: readonly T[]): readonly T[] {
  return [...items].sort(ORDERS[kind]);
}

/** Hidden are pins of a guitar that is deleted or has another number of strings. */
export function shownPins({ pins, guitars }: Pick<Rig, "pins" | "guitars">): Rig["pins"] {
  return pins.filter(({ guitarId, tuningMidi }) =>
    guitars.some(({ id, usualMidi }) => id === guitarId && usualMidi.length === tuningMidi.length),
  );
}

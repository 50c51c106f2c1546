import { DEFAULT_COMPARISON, newGuitar } from "@/state";
import { nextId, type Act, type Change, type Effect } from "@/wire";
import { usualMidi } from "@/core/tuning";
import { send } from "./ask";

const STANDARD = [40, 45, 50, 55, 59, 64];

/** One thing in the data, and every state that its tab gave it. */
interface Track {
  readonly kind: Act["kind"];
  readonly id: number;
  readonly states: string[];
  /** The last of its states that the server acknowledged; -1 for none. */
  acknowledged: number;
}

/** A page that changes things of its own and remembers what the server acknowledged. */
export interface Tab {
  /** Makes up one change of some kind and sends it. Throws where nobody answers; it then waits. */
  readonly step: () => Promise<void>;
  /** Sends again what was not answered. */
  readonly resend: () => Promise<void>;
  /** Takes an answered change for made: for changes that the caller sent itself. */
  readonly settle: (key: string) => void;
  /** Makes up a change without sending it. */
  readonly invent: () => Change;
  /** What of its things is not as it may be. */
  readonly wrong: (effects: readonly Effect[]) => readonly string[];
  /** Keys of all changes it made up. */
  readonly keys: readonly string[];
  readonly acknowledged: () => number;
}

/** Each tab has a field of its own in the profile, which all share. */
const OWN_FIELDS = [
  { name: "a4Hz", low: 430, steps: 2000 },
  { name: "spanMm", low: 150, steps: 9000 },
  { name: "fingertipMm", low: 10, steps: 500 },
] as const;

const DELETED = "deleted";
const ABSENT = "absent";
const LISTED = ["guitar", "tuning", "voicing", "comparison", "favourite", "pin"] as const;
type ListedKind = (typeof LISTED)[number];

/** A tab with a number of its own, by which its changes are told from those of others. */
export function makeTab(
  number: number,
  address: string,
  identity: string,
  random: () => number,
): Tab {
  const tracks: Track[] = [];
  const waiting: { readonly change: Change; readonly settle: () => void }[] = [];
  const keys: string[] = [];
  let count = 0;
  /** How far it knows the data. */
  let known = 0;

  const propose = (): { readonly act: Act; readonly track: Track; readonly state: string } => {
    count += 1;
    const marker = `T${number}-${count}`;
    const roll = random();
    const field = OWN_FIELDS[number];
    if (roll < 0.12 && field) {
      const value = field.low + (count % field.steps) / 100;
      const fields = { [field.name]: value };
      return {
        act: { act: "set", kind: "profile", id: 1, fields },
        track: trackOf("profile", 1),
        state: String(value),
      };
    }
    if (roll < 0.2 && number === 0) {
      const loudness = (count % 1000) / 1000;
      const fields = { hearing: { gain: true, loudness, told: true } };
      const track = trackOf("choice", 1);
      return { act: { act: "set", kind: "choice", id: 1, fields }, track, state: String(loudness) };
    }
    const alive = tracks.filter(
      ({ kind, states }) => isListed(kind) && states.at(-1) !== DELETED && states.length > 0,
    );
    const dead = tracks.filter(({ kind, states }) => isListed(kind) && states.at(-1) === DELETED);
    if (roll > 0.85 && alive.length > 4) {
      const track = pick(alive, random);
      return {
        act: { act: "delete", kind: track.kind as ListedKind, id: track.id },
        track,
        state: DELETED,
      };
    }
    if (roll > 0.8 && dead.length > 0) {
      const track = pick(dead, random);
      const before = track.states.filter((state) => state !== DELETED).at(-1) ?? "";
      return {
        act: { act: "restore", kind: track.kind as ListedKind, id: track.id },
        track,
        state: before,
      };
    }
    const named = alive.filter(({ kind }) => kind !== "pin" && kind !== "favourite");
    if (roll > 0.5 && named.length > 0) {
      const track = pick(named, random);
      const kind = track.kind as "guitar" | "tuning" | "voicing" | "comparison";
      return {
        act: { act: "set", kind, id: track.id, fields: { name: marker } },
        track,
        state: marker,
      };
    }
    const kind = pick(LISTED, random);
    const id = nextId(Date.now(), random());
    const track = trackOf(kind, id);
    const { value, state } = something(kind, marker, id);
    return { act: { act: "add", kind, id, value } as Act, track, state };
  };

  const trackOf = (kind: Track["kind"], id: number): Track => {
    const known = tracks.find((track) => track.kind === kind && track.id === id);
    if (known) return known;
    const track: Track = { kind, id, states: [], acknowledged: -1 };
    tracks.push(track);
    return track;
  };

  const invent = (): Change => {
    const { act, track, state } = propose();
    const change: Change = { ...act, key: `tab-${number}-${count}-${Math.floor(random() * 1e9)}` };
    const index = track.states.push(state) - 1;
    keys.push(change.key);
    const settle = () => {
      track.acknowledged = Math.max(track.acknowledged, index);
    };
    waiting.push({ change, settle });
    return change;
  };

  const settle = (key: string) => {
    const index = waiting.findIndex(({ change }) => change.key === key);
    waiting[index]?.settle();
    if (index >= 0) waiting.splice(index, 1);
  };

  const sendAll = async () => {
    const changes = waiting.map(({ change }) => change);
    const { outcomes, revision } = await send(address, identity, changes, known);
    known = revision;
    for (const { key, problem } of outcomes) {
      if (problem) throw new Error(`refused: ${problem.message}`);
      settle(key);
    }
  };

  return {
    step: () => {
      invent();
      return sendAll();
    },
    resend: async () => {
      if (waiting.length > 0) await sendAll();
    },
    settle,
    invent,
    wrong: (effects) =>
      tracks.flatMap((track) => {
        const now = stateIn(track, effects, number);
        const may = track.states.slice(Math.max(0, track.acknowledged));
        if (may.includes(now) || (track.acknowledged < 0 && now === ABSENT)) return [];
        // What nobody acknowledged may still be as it was before.
        if (track.acknowledged < 0 && !isListed(track.kind)) return [];
        return [`${track.kind} ${track.id} is ${now}, not ${may.join(" or ")}`];
      }),
    keys,
    acknowledged: () => keys.length - waiting.length,
  };
}

function stateIn(track: Track, effects: readonly Effect[], number: number): string {
  const effect = effects.find(({ kind, id }) => kind === track.kind && id === track.id);
  if (!effect) return ABSENT;
  const { kind, value } = effect;
  if (value === null) return DELETED;
  if (kind === "profile") {
    const field = OWN_FIELDS[number];
    return String(field && value[field.name]);
  }
  if (kind === "choice") return String(value.hearing?.loudness);
  if (kind === "favourite") return value.midi?.join() ?? "";
  if (kind === "pin") return String(value.root);
  return "name" in value ? String(value.name) : "";
}

/** A thing of a kind that can be told from every other one, and what tells it. */
function something(
  kind: ListedKind,
  name: string,
  id: number,
): { readonly value: unknown; readonly state: string } {
  const position = id % 1000;
  switch (kind) {
    case "guitar":
      return { value: { ...newGuitar(6, name), tunedMidi: usualMidi(6) }, state: name };
    case "tuning":
      return { value: { name, midi: STANDARD }, state: name };
    case "voicing":
      return { value: { name, voicing: [0, 7], minNotes: null, position }, state: name };
    case "comparison": {
      const comparison = {
        ...DEFAULT_COMPARISON,
        columns: [{ guitarId: 1, midi: STANDARD }],
        chords: "D5",
      };
      return { value: { name, comparison }, state: name };
    }
    case "favourite": {
      const midi = pitchesOf(id);
      return { value: { midi, position }, state: midi.join() };
    }
    case "pin":
      return {
        value: {
          guitarId: 1,
          tuningMidi: pitchesOf(id),
          root: "G",
          voicing: [0, 7, 12],
          minNotes: null,
          fretting: [3, 5, 5, null, null, null],
          fingers: [1, 3, 4, 0, 0, 0],
        },
        state: "G",
      };
  }
}

/** Six pitches that tell two numbers apart, so that no two favourites or pins are the same. */
function pitchesOf(id: number): readonly number[] {
  return Array.from({ length: 6 }, (_, string) => 30 + (Math.floor(id / 41 ** string) % 41));
}

function isListed(kind: string): boolean {
  return (LISTED as readonly string[]).includes(kind);
}

function pick<T>(list: readonly T[], random: () => number): T {
  const chosen = list[Math.floor(random() * list.length)];
  if (chosen === undefined) throw new Error("nothing to pick from");
  return chosen;
}

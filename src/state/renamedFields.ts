import { isFields } from "./fields";

/** Fields that were saved under other names, and what they are called now. */
const CURRENT_NAMES: Readonly<Record<string, string>> = {
  stack: "voicing",
  fiveStack: "powerChordVoicing",
  allAsFives: "allAsPowerChords",
  leastNotes: "minNotes",
  mostNotes: "maxNotes",
  mostFingers: "maxFingers",
  leastBpm: "minBpm",
  mostBpm: "maxBpm",
  way: "routeKind",
};

/** The keys of these are the player's own words, such as the names of sections. */
const KEYED_BY_PLAYER = ["sectionLimits"];

/** Gives every field, however deep, its current name. */
export function renameFields(saved: unknown): unknown {
  if (Array.isArray(saved)) return saved.map(renameFields);
  if (!isFields(saved)) return saved;
  return Object.fromEntries(
    Object.entries(saved).map(([name, value]) => [
      currentName(name),
      KEYED_BY_PLAYER.includes(name) && isFields(value)
        ? Object.fromEntries(Object.entries(value).map(([key, each]) => [key, renameFields(each)]))
        : renameFields(value),
    ]),
  );
}

function currentName(name: string): string {
  return Object.hasOwn(CURRENT_NAMES, name) ? (CURRENT_NAMES[name] ?? name) : name;
}

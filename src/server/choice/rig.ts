import { type Database } from "better-sqlite3";
import {
  comparisonKeeper,
  ensureGuitars,
  guitarKeeper,
  pinKeeper,
  loadProfile,
  songKeeper,
  voicingKeeper,
  favouriteKeeper,
  tuningKeeper,
} from "@/server/tables";
import { listKept, whileUnchanged, type Keeper, type Stored } from "@/server/keeper";
import { type Kept, type ListedKind, type Rig, type RigKind } from "@/state";
import { sortKept } from "@/wire";

/** Everything the player owns, and what of it could not be read as it was saved. */
interface ReadRig {
  readonly rig: Rig;
  readonly problems: readonly string[];
}

/** Everything the player owns; where no guitar is left, plain ones are made. */
export function readRig(connection: Database): ReadRig {
  return whileUnchanged(connection, "rig", () => readAll(connection));
}

function readAll(connection: Database): ReadRig {
  if (!connection.readonly) ensureGuitars(connection);
  const problems: string[] = [];
  const list = <K extends RigKind>(keeper: Keeper<K>) =>
    sortKept(keeper.kind, listKept(connection, keeper).map(toItem)).map((item) => {
      if (item.replaced.length > 0) problems.push(replacedText(keeper, item));
      return item;
    });
  const values = <K extends RigKind>(keeper: Keeper<K>) =>
    list(keeper).map(({ id, value }) => ({ ...value, id }));
  const [first, ...others] = values(guitarKeeper);
  if (!first) throw new Error("There is no guitar in the data.");
  const profile = loadProfile(connection);
  problems.push(...profile.replaced.map((field) => `${field}: ${SENSELESS}`));
  return {
    rig: {
      guitars: [first, ...others],
      pins: values(pinKeeper),
      ownTunings: values(tuningKeeper),
      ownVoicings: values(voicingKeeper),
      favourites: values(favouriteKeeper),
      comparisons: list(comparisonKeeper).map(({ id, name, revision }) => ({ id, name, revision })),
      songs: list(songKeeper).map(({ id, name, tuningMidi, archived, revision }) => ({
        id,
        name,
        tuningMidi,
        archived,
        revision,
      })),
      profile: profile.value,
    },
    problems,
  };
}

export const SENSELESS = "what was saved made no sense; reset to the default";

/** Lists are sorted by what is shown, so an item stands as both. */
function toItem<K extends ListedKind>(stored: Stored<K>) {
  return { ...(stored.value as Kept[K]), ...stored };
}

function replacedText<K extends ListedKind>(
  keeper: Keeper<K>,
  { value, replaced }: Stored<K>,
): string {
  const name = "name" in value ? ` ${String(value.name)}` : "";
  return `${keeper.called}${name}, ${replaced.join(", ")}: ${SENSELESS}`;
}

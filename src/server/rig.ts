import { type Database } from "better-sqlite3";
import { listComparisons } from "./comparisons";
import { listGuitars } from "./guitars";
import { listPins } from "./pins";
import { loadProfile } from "./profile";
import { listOwnStacks } from "./stacks";
import { listFavourites, listOwnTunings } from "./tunings";
import { type Rig } from "./types";

/** Everything the player owns. Throws where there is no guitar, which `openDatabase` prevents. */
export function readRig(connection: Database): Rig {
  const [first, ...others] = listGuitars(connection);
  if (!first) throw new Error("There is no guitar in the data.");
  const guitars = [first, ...others] as const;
  return {
    guitars,
    // A pin waits out of sight while its guitar is deleted or has another number of strings.
    pins: listPins(connection).filter(({ guitarId, tuningMidi }) =>
      guitars.some(
        ({ id, usualMidi }) => id === guitarId && usualMidi.length === tuningMidi.length,
      ),
    ),
    ownTunings: listOwnTunings(connection),
    ownStacks: listOwnStacks(connection),
    favourites: listFavourites(connection),
    comparisons: listComparisons(connection),
    profile: loadProfile(connection),
  };
}

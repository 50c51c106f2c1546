import {
  comparisonKeeper,
  guitarKeeper,
  pinKeeper,
  songKeeper,
  voicingKeeper,
  favouriteKeeper,
  tuningKeeper,
} from "@/server/tables";
import { type Keeper } from "@/server/keeper";
import { journalKeeper, roundKeeper } from "@/server/practice";
import { type ListedKind } from "@/state";

/** Everything of which there are many. A new kind is one more line. */
export const KEEPERS: { readonly [K in ListedKind]: Keeper<K> } = {
  guitar: guitarKeeper,
  pin: pinKeeper,
  tuning: tuningKeeper,
  voicing: voicingKeeper,
  favourite: favouriteKeeper,
  comparison: comparisonKeeper,
  song: songKeeper,
  round: roundKeeper,
  journal: journalKeeper,
};

/** The same as a list, where what each keeps does not matter. */
export const ALL_KEEPERS = Object.values(KEEPERS) as unknown as readonly Keeper[];

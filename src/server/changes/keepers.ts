import { comparisonKeeper } from "@/server/comparisons";
import { guitarKeeper } from "@/server/guitars";
import { type Keeper } from "@/server/keeper";
import { pinKeeper } from "@/server/pins";
import { journalKeeper, roundKeeper } from "@/server/practice";
import { songKeeper } from "@/server/songs";
import { voicingKeeper } from "@/server/voicings";
import { favouriteKeeper, tuningKeeper } from "@/server/tunings";
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

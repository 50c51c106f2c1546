export { comparisonKeeper } from "./comparisons";
export { pinKeeper } from "./pins";
export { songKeeper } from "./songs";
export { voicingKeeper } from "./voicings";
export { favouriteKeeper, tuningKeeper } from "./tunings";
export { changeProfile, loadProfile } from "./profile";
export { guitarKeeper } from "./guitars";
export { ensureGuitars } from "./plainGuitars";

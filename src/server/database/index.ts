export { copyInto, goodCopies, makeCopy, newestGoodCopy, type GoodCopy } from "./copies";
export { dataFile, dataFolder, makeFolder } from "./folder";
export { migrate, newestVersion } from "./migrate";
export { migrationsFolder, openDatabase } from "./open";
export {
  closeAtTheEnd,
  closeIfDamaged,
  recordMade,
  served,
  takeWhatIsThere,
  type Served,
} from "./served";
export { putInPlace, restoreCopy } from "./restore";
export { DataTrouble, isDamage, NotSaved } from "./trouble";
export { write } from "./write";

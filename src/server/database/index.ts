export { copyInto, goodCopies, newestGoodCopy, type GoodCopy } from "./copies";
export { dataFile, dataFolder, makeFolder } from "./folder";
export { newestVersion } from "./migrate";
export { migrationsFolder, openDatabase } from "./open";
export { closeAtTheEnd, closeIfDamaged, recordMade, served, takeWhatIsThere } from "./served";
export { putInPlace, restoreCopy } from "./restore";
export { DataTrouble, isDamage } from "./trouble";
export { write } from "./write";

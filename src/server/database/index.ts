export { copyInto, goodCopies, newestGoodCopy, type GoodCopy } from "./copies";
export { dataFile, dataFolder, makeFolder } from "./folder";
export { newestVersion } from "./migrate";
export { migrationsFolder, openDatabase } from "./open";
export { closeAtTheEnd, closeIfDamaged, recordMade, served, takeWhatIsThere } from "./served";
export { moveInPlace, restoreCopy } from "./restore";
export { DataTrouble, isDamage, sqliteCode } from "./trouble";
export { makeWorkFolder, workParent, type WorkFolder } from "./workFolder";
export { notSavedError, servedToWrite, write } from "./write";

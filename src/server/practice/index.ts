export { journalKeeper, roundKeeper } from "./keepers";
export { localDay } from "./localDay";
export { readLog } from "./log";
export { readMemories } from "./memories";
export { readPractice } from "./start";
export { readTimedRounds, type TimedRound } from "./timing";

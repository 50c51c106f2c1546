export { journalKeeper, roundKeeper } from "./keepers";
export { readLog } from "./log";
export { readMemories } from "./memories";
export { readPractice } from "./start";
export { readTimedRounds, type TimedRound } from "./timing";

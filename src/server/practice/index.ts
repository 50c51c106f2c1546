export { journalKeeper, roundKeeper } from "./keepers";
export { readLog } from "./log";
export { roundsByTime } from "./roundsByTime";
export { readMemories } from "./memories";
export { readPractice, readStandings } from "./start";
export { readTimedRounds, type TimedRound } from "./timing";

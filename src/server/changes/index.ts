export { makeChanges } from "./apply";
export { importRounds, undoRoundImport } from "./importRounds";
export { effectsSince } from "./effects";
export { ALL_KEEPERS, KEEPERS } from "./keepers";
export { dataMark } from "./revision";
export { requestSchema } from "./schema";

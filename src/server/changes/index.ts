export { makeChanges } from "./apply";
export { importRounds, undoRoundImport, type Imported } from "./importRounds";
export { effectsSince } from "./effects";
export { ALL_KEEPERS, KEEPERS } from "./keepers";
export { dataMark, type DataMark } from "./revision";
export { requestSchema } from "./schema";

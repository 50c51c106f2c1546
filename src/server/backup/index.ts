export { countsOf } from "./everything";
export { type Progress } from "./progress";
export { checkBackup, restoreBackup } from "./restoreBackup";
export { MAX_BACKUP_BYTES, unpackBackup, type CheckedBackup } from "./unpackBackup";
export { writeBackup, writeJson } from "./writeBackup";

export { countsOf } from "./everything";
export { checkBackup, MAX_BACKUP_BYTES, restoreBackup, type CheckedBackup } from "./restoreBackup";
export { backupBytes, exportText } from "./writeBackup";

export { type Notice } from "./notice";
export { neckOf } from "./neckOf";
export { useComputed, type Computed } from "./useComputed";
export { useNames, type Names } from "./useNames";
export { type ChangeRig } from "./useRig";
export { findPin, guitarFor, useWorkspace, Workspace } from "./Workspace";

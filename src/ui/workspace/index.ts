export { type Notice } from "./notice";
export { useComputed, type Computed } from "./useComputed";
export { useNames, type Names } from "./useNames";
export { type ChangeRig } from "./useRig";
export { findPin, guitarFor, neckOf, useWorkspace, Workspace } from "./Workspace";

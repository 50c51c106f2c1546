export { useComputed, type Computed } from "./useComputed";
export { findPin, guitarFor, neckOf, useWorkspace, Workspace } from "./Workspace";

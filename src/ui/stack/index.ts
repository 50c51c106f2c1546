export { RootPicker } from "./RootPicker";
export { StackPicker } from "./StackPicker";
export { useRootShortcuts } from "./useRootShortcuts";

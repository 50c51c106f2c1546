export { DegreePicker, toggleDegree } from "./DegreePicker";
export { RootPicker } from "./RootPicker";
export { StackColumn } from "./StackColumn";
export { StackPicker } from "./StackPicker";
export { useMapShortcuts } from "./useMapShortcuts";
export { useRootShortcuts } from "./useRootShortcuts";

export { ChordPicker } from "./ChordPicker";
export { MapPicker } from "./MapPicker";
export { RootPicker } from "./RootPicker";
export { useMapShortcuts } from "./useMapShortcuts";
export { useRootShortcuts } from "./useRootShortcuts";

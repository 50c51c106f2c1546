export { ChordPicker } from "./ChordPicker";
export { toggleDegree } from "./DegreePicker";
export { MapPicker } from "./MapPicker";
export { RootPicker } from "./RootPicker";

export { RootPicker } from "./RootPicker";
export { StackPicker } from "./StackPicker";

export { retuneText } from "./retuneText";
export { TuningColumn } from "./TuningColumn";
export { verdict } from "./verdict";

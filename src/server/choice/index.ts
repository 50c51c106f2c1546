export { changeChoice, loadChoice } from "./repository";
export { readStart } from "./start";
export { readRig } from "./rig";

export { changeChoice, loadChoice } from "./repository";
export { readStart } from "./start";
export { readRig, SENSELESS } from "./rig";

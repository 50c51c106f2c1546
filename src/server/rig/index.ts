export { readRig, SENSELESS } from "./rig";

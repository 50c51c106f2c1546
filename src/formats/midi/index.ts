export { readMidi } from "./readMidi";
export { writeMidi } from "./writeMidi";

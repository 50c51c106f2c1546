export { bruteForceVoicing, spanFrets } from "./bruteForce";

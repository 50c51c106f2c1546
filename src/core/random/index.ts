export { gaussian } from "./gaussian";
export { seededRandom } from "./seededRandom";

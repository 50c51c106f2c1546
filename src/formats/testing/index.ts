export { madeScore, noteLines } from "./madeScore";

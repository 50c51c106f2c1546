export { withGripsOf } from "./gripped";
export { madeScore, noteLines } from "./madeScore";

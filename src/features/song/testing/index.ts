export {
  makeSong,
  makeWays,
  STANDARD,
  standardNeck,
  type MadeSong,
} from "@/core/arrangement/testing";
export { ASH } from "./made";

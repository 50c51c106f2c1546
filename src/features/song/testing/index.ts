export {
  makeSong,
  makeNamedRoutes,
  STANDARD,
  standardNeck,
  type MadeSong,
} from "@/core/arrangement/testing";
export { ASH } from "./made";

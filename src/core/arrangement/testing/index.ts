export { makeSong, makeNamedRoutes, STANDARD, standardNeck, type MadeSong } from "./made";

export { makeSong, makeWays, STANDARD, standardNeck, type MadeSong } from "./made";

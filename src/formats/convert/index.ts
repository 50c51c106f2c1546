export { alongRoute, routeRequestOf, asItStands, needsGrips, retuned } from "./planned";
export { tuningsKind, usualTuning, writeAs, type GrippedScore, type Written } from "./writeAs";
export { songOf, type MadeSong } from "./songOf";

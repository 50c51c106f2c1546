export { playedBar, type BarStroke, type PlayedBar } from "./bar";
export { momentAt, type Moment, type RoutedSong } from "./moment";
export { noteLane, type LaneColumn } from "./noteLane";
export { firstOfRun } from "./riffRun";
export { nextGrip, waitUntil, type Loop, type NextGrip, type Wait } from "./nextGrip";
export { barLines, linesAt, type BarLine } from "./lines";
export { passesOf, wordsAt, type Pass } from "./words";
export { wayThrough, type Place } from "./way";

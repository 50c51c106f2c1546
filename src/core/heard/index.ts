export { chordsHeard, type HeardChord, type HeardNote } from "./chordsHeard";

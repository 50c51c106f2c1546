export { findChord, nameChord, type ChordName } from "./name";
export { makeStack, stackName, STACKS, toneName, type NamedStack, type Stack } from "./stack";
export { findDegrees, type DegreePosition } from "./positions";
export { CHORDS, degreesOf, isVoicing, requiredDegrees, type Voicing } from "./voicing";
export { rootsOf } from "./roots";
export { rootOfTuning } from "./tuningRoot";
export { OPTIONAL_DEGREES } from "./optionalDegrees";

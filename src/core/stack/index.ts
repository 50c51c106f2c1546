export { findChord, nameChord, type ChordName } from "./name";
export { makeStack, stackName, STACKS, toneName, type NamedStack, type Stack } from "./stack";
export { findStackPositions, type DegreePosition } from "./positions";

export { DEFAULT_CABINET_HZ, DEFAULT_DRIVE, throughGain, type GainOptions } from "./gain";
export { impliedNote, type ImpliedNote } from "./impliedNote";
export { beatsOf, simpleRatio, type Beat } from "./intervals";
export { pairRoughness } from "./pairRoughness";
export { roughness } from "./roughness";
export {
  describeSound,
  measureRoughness,
  roughnessByDrive,
  type ClarityPart,
  type Register,
  type RoughnessAtDrive,
  type SoundScore,
  type Sound,
  type SoundOptions,
  type WeightPart,
} from "./sound";
export { atUnitPower, pluckedPartials, type Partial } from "./spectrum";

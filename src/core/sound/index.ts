export { pairRoughness } from "./pairRoughness";
export { roughness } from "./roughness";
export {
  describeSound,
  roughnessByDrive,
  type ClarityPart,
  type RoughnessAtDrive,
  type Sound,
  type SoundOptions,
  type WeightPart,
} from "./sound";
export { type Partial } from "./spectrum";

export { acrossMm, fingertipMm, fretDistanceMm, stringScaleMm, wireMm } from "./geometry";
export {
  DEFAULT_FRETS,
  makeNeck,
  MAX_FRETS,
  MIN_GUITAR_FRETS,
  retuneNeck,
  type Neck,
  type NeckInput,
  type NeckMeasures,
} from "./neck";
export { naturalPath } from "./naturals";
export { findPositions, type Position } from "./positions";
export { findUnisons } from "./unisons";

export {
  MM_PER_INCH,
  readGaugeMm,
  readScaleMm,
  readTensionN,
  readUnitMassGPerM,
  readWidthMm,
} from "./measure";

export { MM_PER_INCH, readGaugeMm, readLengthMm, readTensionN, readUnitMassGPerM } from "./measure";

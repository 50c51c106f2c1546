export { detectChords, type DetectedChord, type DetectedNote } from "./detectChords";

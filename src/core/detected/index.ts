export { detectChords, type DetectedNote } from "./detectChords";

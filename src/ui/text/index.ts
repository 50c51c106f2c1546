export { copyContents } from "./copyContents";
export { NoteText, NoteTspans, spokenNotes, withSigns } from "./NoteText";
export { TimeText } from "./TimeText";
export { fingersWords } from "./fingersWords";
export { holdsText, tempoText } from "./tempoText";

export { copyContents } from "./copyContents";
export { NoteText, NoteTspans, spokenNotes, withSigns } from "./NoteText";
export { TimeText } from "./TimeText";
export { fingersWords } from "./fingersWords";
export { LEVEL_WORDS } from "./levelWords";
export { fretsText, moveText, moveWords, wayWords } from "./moveWords";
export { holdsText, isUnlimited, tempoText } from "./tempoText";

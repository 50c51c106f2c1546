export { NoteText, NoteTspans, spokenNotes, splitSigns } from "./NoteText";

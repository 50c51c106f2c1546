export { NoteText, NoteTspans, spokenNotes, splitSigns, withSigns } from "./NoteText";

export { NoteText, NoteTspans, spokenNotes, withSigns } from "./NoteText";

export { writeAsPowerChords } from "./asPowerChords";
export { type SongForm, FORM_CHORDS, type FormChords, SONG_FORMS, writeForm } from "./form";
export { LOOPS, writeLoop } from "./loop";
export { type Said, say, sayChordTexture, sayTexture } from "./rewrite";
export { transposeChart } from "./transpose";

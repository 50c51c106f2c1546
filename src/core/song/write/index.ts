export { type Form, FORM_CHORDS, type FormChords, FORMS, writeForm } from "./form";
export { type Loop, LOOPS, writeLoop } from "./loop";
export { type Said, say, sayChordTexture, sayTexture } from "./rewrite";
export { type Move, transposeChart } from "./transpose";

export { done, keyed, problemOf } from "./acting";
export { freshDatabase } from "./freshDatabase";
export { addGuitar, pinFor, roundFor, rigOf, saveChoice, saveEarly, STANDARD } from "./makers";

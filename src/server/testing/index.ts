export { done, keyed, problemOf } from "./acting";
export { freshDatabase } from "./freshDatabase";
export { addGuitar, pinFor, rigOf, saveChoice, saveEarly, STANDARD } from "./makers";

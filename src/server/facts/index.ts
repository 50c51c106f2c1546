export { readDataFacts } from "./dataFacts";
export { offered } from "./offered";
export { readUnreadable, type Unreadable } from "./unreadable";

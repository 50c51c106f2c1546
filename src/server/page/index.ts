export { readDataFacts } from "./dataFacts";
export { readPage, type PageData } from "./readPage";
export { readUnreadable, type Unreadable } from "./unreadable";

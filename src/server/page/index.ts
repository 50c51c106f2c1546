export { readDataFacts } from "./dataFacts";
export { readPage, type PageData } from "./readPage";

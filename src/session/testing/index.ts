export { fakeBrowser, ORIGIN, response, taken } from "./fakeBrowser";
export { startWith } from "./startWith";

export { fakeBrowser, ORIGIN, response, taken } from "./fakeBrowser";

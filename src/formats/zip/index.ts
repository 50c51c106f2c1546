export { unzipped } from "./unzipped";

export { readAddress } from "./read";
export { readCompareAddress } from "./readCompare";
export { writeAddress } from "./write";
export { writeCompareAddress } from "./writeCompare";

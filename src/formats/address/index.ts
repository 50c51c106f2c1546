export { readCompareAddress, writeCompareAddress } from "./compareAddress";
export { readAddress } from "./read";
export { writeAddress } from "./write";

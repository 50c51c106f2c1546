export { readTab } from "./readTab";
export { NARROWEST, WIDEST, writeTab } from "./writeTab";
export { blocksIn } from "./systems";

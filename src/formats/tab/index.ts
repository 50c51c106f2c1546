export { readTab } from "./readTab";
export { writeTab } from "./writeTab";
export { blocksIn } from "./systems";

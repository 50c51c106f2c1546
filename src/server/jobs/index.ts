export { askLog } from "./askLog";
export { runJob } from "./runJob";

export { pinKeeper } from "./keeper";

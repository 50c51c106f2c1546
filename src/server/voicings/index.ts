export { voicingKeeper } from "./keeper";

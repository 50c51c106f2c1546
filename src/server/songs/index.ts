export { songKeeper } from "./keeper";

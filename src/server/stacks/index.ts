export { stackKeeper } from "./keeper";

export { favouriteKeeper, tuningKeeper } from "./keepers";

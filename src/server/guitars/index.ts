export { guitarKeeper } from "./keeper";
export { ensureGuitars } from "./plainGuitars";

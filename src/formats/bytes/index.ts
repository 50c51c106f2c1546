export { joinBytes } from "./joinBytes";

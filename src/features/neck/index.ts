export { NeckScreen } from "./NeckScreen";
export { NECK } from "./room";

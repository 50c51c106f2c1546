export { NameScreen } from "./NameScreen";
export { NAME } from "./room";

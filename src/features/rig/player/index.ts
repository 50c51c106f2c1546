export { PlayerScreen } from "./PlayerScreen";

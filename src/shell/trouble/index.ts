export { TroublePage } from "./TroublePage";

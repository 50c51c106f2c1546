export { Alive } from "./Alive";
export { BringIn } from "./BringIn";
export { Header } from "./Header";
export { NoticeBar } from "./NoticeBar";
export { TroublePage } from "./TroublePage";

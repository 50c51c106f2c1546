export { Header } from "./Header";
export { NoticeBar } from "./NoticeBar";
export { RigTabs } from "./RigTabs";

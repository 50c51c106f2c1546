export { Header } from "./Header";
export { NoticeBar } from "./NoticeBar";

export { ChoiceButton } from "./ChoiceButton";
export { Header } from "./Header";
export { NoticeBar } from "./NoticeBar";
export { useEvent } from "./useEvent";
export { useRootShortcuts } from "./useRootShortcuts";
export { useShortcuts, type Shortcuts } from "./useShortcuts";

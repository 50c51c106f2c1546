export { LogScreen } from "./log";
export { PracticeTabs } from "./PracticeTabs";
export { PracticeScreen } from "./PracticeScreen";
export { PRACTICE } from "./room";

export { LogScreen } from "./LogScreen";
export { PracticeTabs } from "./PracticeTabs";
export { PracticeScreen } from "./PracticeScreen";
export { PRACTICE } from "./room";

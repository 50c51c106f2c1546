export { RigTabs } from "./RigTabs";
export { RIG } from "./room";

export { BlockedNotice } from "./BlockedNotice";
export { PathBoard } from "./PathBoard";
export { PathLabels } from "./PathLabels";
export { PathStops } from "./PathStops";
export { RouteColumn } from "./RouteColumn";
export { makePathScale } from "./pathScale";

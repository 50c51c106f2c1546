export { HearBar, type HearBarState } from "./HearBar";
export { HEAR_KEYS } from "./hearKeys";
export { Loudness } from "./Loudness";

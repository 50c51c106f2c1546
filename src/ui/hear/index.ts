export { HearBar, MANNER_KEYS } from "./HearBar";
export { useHearing } from "./useHearing";

export {
  currentValue,
  lastValue,
  outcomeOf,
  useComputed,
  type Computed,
  type Current,
} from "./useComputed";

export {
  currentValue,
  lastValue,
  outcomeOf,
  useComputed,
  type Computed,
  type Outcome,
} from "./useComputed";

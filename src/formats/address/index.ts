export {
  MOST_MINUTES,
  readCompareAddress,
  writeCompareAddress,
  type CompareAddress,
} from "./compareAddress";
export {
  FIRST_COMPARISON,
  HOLDS,
  MOST_COLUMNS,
  type ComparedColumn,
  type Comparison,
  type Hold,
} from "./comparison";
export { readAddress, type Address } from "./read";
export { FIRST_VIEW, MARK_LABELS, SPACINGS, type MarkLabel, type Spacing, type View } from "./view";
export { writeAddress } from "./write";

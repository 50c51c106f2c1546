export { readAddress, writeAddress, type Address } from "./address";
export { FIRST_VIEW, MARK_LABELS, SPACINGS, type MarkLabel, type Spacing, type View } from "./view";

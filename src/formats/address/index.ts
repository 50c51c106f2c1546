export { readAddress, type Address } from "./read";
export { FIRST_VIEW, MARK_LABELS, SPACINGS, type MarkLabel, type Spacing, type View } from "./view";
export { writeAddress } from "./write";

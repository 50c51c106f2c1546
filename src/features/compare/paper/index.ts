export { ComparisonSheet } from "./ComparisonSheet";
export { SavePanel } from "./SavePanel";

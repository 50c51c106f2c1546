export { fetchComparison } from "./fetchComparison";
export { type FigureGroup, figureGroups } from "./figures";
export { retuneText } from "./retuneText";
export { useColumns } from "./useColumns";
export { type ColumnResult, type CompareResults, useCompareResults } from "./useCompareResults";
export { type Column, type ShownComparison, useComparison } from "./useComparison";
export { type ShapeResults, useHeldShape } from "./useHeldShape";
export { verdict } from "./verdict";
export {
  fateText,
  retuneMinutesText,
  searchProblemText,
  shiftSentence,
  stringsText,
} from "./words";

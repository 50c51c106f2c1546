export {
  lineRoles,
  maybeHeadings,
  sayHeading,
  type LineRole,
  type MaybeHeading,
} from "./lineRoles";
export { readChart } from "./readChart";
export { type ChartWords, readWords } from "./words";

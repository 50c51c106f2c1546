export { chartOptions } from "./chartOptions";
export { colour } from "./colour";
export { useThemeName } from "./useThemeName";

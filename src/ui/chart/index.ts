export { chartOptions } from "./chartOptions";
export { colour } from "./colour";
export { useChartLook } from "./useChartLook";

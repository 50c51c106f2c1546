export { ChartColumn } from "./ChartColumn";
export { ChartDrawing } from "./ChartDrawing";
export { TypedChart } from "./typedChart";
export { StartSong } from "./StartSong";

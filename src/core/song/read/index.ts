export { readChart } from "./readChart";

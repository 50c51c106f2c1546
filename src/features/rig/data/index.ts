export { DataScreen } from "./DataScreen";

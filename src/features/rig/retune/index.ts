export { RetuneDialog } from "./RetuneDialog";
export { RetuneScreen } from "./RetuneScreen";
export { RETUNE_KEYS } from "./retuneKeys";

export { BringInDialog } from "./BringInDialog";

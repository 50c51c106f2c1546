export { SearchPanel } from "./SearchPanel";

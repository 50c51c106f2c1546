export {
  filterGrips,
  NO_FILTER,
  type Filtered,
  type FilterName,
  type GripFilter,
  type Loosening,
} from "./filter";
export { listGrips, type ListedGrips, type Listing } from "./list";
export { GRIP_ORDERS, orderGrips, type GripOrder } from "./order";

export { type Loosening } from "./filter";
export { NO_FILTER, type FilterName, type GripFilter } from "./gripFilter";
export { listGrips, type ListedGrips, type Listing } from "./list";
export { orderGrips } from "./order";
export { GRIP_ORDERS, type GripOrder } from "./orders";

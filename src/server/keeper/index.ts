export { addKept } from "./add";
export { readColumn, whole } from "./columns";
export {
  changedSince,
  findKept,
  firstKept,
  listKept,
  unreadableRows,
  type Keeper,
  type SqlValue,
  type Stored,
} from "./keeper";
export { prepared } from "./prepared";
export { listSetAside, setAside } from "./setAside";

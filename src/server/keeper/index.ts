export { addKept } from "./add";
export { readColumn, whole } from "./columns";
export {
  changedSince,
  countKept,
  eachKept,
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
export { whileUnchanged } from "./whileUnchanged";

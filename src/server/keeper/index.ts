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

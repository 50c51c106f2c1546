export { NamesProvider, useNames, type Names } from "./names";

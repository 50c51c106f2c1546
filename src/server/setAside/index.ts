export { listSetAside, setAside, type SetAside } from "./setAside";

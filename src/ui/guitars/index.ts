export { GuitarCard } from "./GuitarCard";
export { GuitarFields } from "./GuitarFields";
export { toForm, type GuitarForm } from "./guitarForm";

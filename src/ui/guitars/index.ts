export { GuitarCard } from "./GuitarCard";
export { GuitarFields } from "./GuitarFields";
export { guitarFormSchema, readForm, toForm, withStrings, type GuitarForm } from "./guitarForm";

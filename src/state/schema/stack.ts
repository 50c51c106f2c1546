import { object } from "yup";
import { leastNotes, position, stack } from "./fields";
import { name } from "./name";

export const ownStackSchema = object({ name, stack, leastNotes, position }).noUnknown();

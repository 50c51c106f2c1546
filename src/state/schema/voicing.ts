import { object } from "yup";
import { minNotes, position, voicing } from "./fields";
import { name } from "./name";

export const ownVoicingSchema = object({ name, voicing, minNotes, position }).noUnknown();

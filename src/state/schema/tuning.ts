import { object } from "yup";
import { position, tuningMidi } from "./fields";
import { name } from "./name";

export const ownTuningSchema = object({ name, midi: tuningMidi }).noUnknown();
export const favouriteSchema = object({ midi: tuningMidi, position }).noUnknown();

import { boolean, number, object, string } from "yup";
import { KEPT_ACROSS, THEMES } from "@/state";
import { comparisonSchema } from "./comparison";
import { id } from "./fields";
import { viewSchema } from "./view";

/** Everything restored when the player returns. */
export const choiceSchema = viewSchema.shape({
  guitarId: id,
  theme: string().oneOf(THEMES).required(),
  comparison: comparisonSchema.nullable().defined().default(undefined),
  hints: boolean().required(),
  keepsShape: boolean().required(),
  keepsAcross: string().oneOf(KEPT_ACROSS).required(),
  hearing: object({
    gain: boolean().required(),
    loudness: number().min(0).max(1).required(),
    told: boolean().required(),
  }).noUnknown(),
});

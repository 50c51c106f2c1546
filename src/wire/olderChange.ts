import { isFields, renameFields } from "@/state";

/**
 * A change that a page of an earlier Tenon made and this one sends or receives, with the current names of its kind and
 * fields.
 */
export function renameInChange(change: unknown): unknown {
  if (!isFields(change)) return change;
  const { kind, value, fields, was, ...rest } = change;
  return {
    ...rest,
    ...("kind" in change && { kind: kind === "stack" ? "voicing" : kind }),
    ...("value" in change && { value: renameFields(value) }),
    ...("fields" in change && { fields: renameFields(fields) }),
    ...("was" in change && { was: renameFields(was) }),
  };
}

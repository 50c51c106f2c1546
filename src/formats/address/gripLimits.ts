import { NO_GRIP_LIMITS, type GripLimits } from "@/core/gripSearch";
import { failure, success, type Result } from "@/core/result";

/** Limits of grips in an address, "frets 5-9;roots 0,1;open none;notes 3"; null where there are none. */
export function writeLimits({
  frets,
  rootStrings,
  openStrings,
  maxNotes,
}: GripLimits): string | null {
  const parts = [
    frets && `frets ${frets.join("-")}`,
    rootStrings && `roots ${rootStrings.join(",")}`,
    openStrings === "none" && "open none",
    maxNotes !== null && `notes ${maxNotes}`,
  ].filter((part) => part);
  return parts.length > 0 ? parts.join(";") : null;
}

const PARTS: Readonly<Record<string, (text: string) => Partial<GripLimits> | null>> = {
  frets: (text) => {
    const [, low, high] = /^(\d{1,2})-(\d{1,2})$/.exec(text) ?? [];
    return low === undefined ? null : { frets: [Number(low), Number(high)] };
  },
  roots: (text) => (/^\d(,\d)*$/.test(text) ? { rootStrings: text.split(",").map(Number) } : null),
  open: (text) => (text === "none" ? { openStrings: "none" } : null),
  notes: (text) => (/^\d{1,2}$/.test(text) ? { maxNotes: Number(text) } : null),
};

export function readLimits(text: string): Result<{ readonly limits: GripLimits }> {
  let limits = NO_GRIP_LIMITS;
  for (const part of text.split(";")) {
    const [name = "", value = ""] = part.trim().split(/\s+/);
    const read = PARTS[name]?.(value) ?? null;
    if (!read) {
      return failure(
        "limits",
        `'${part}': write frets 5-9, roots 0,1, open none or notes 3, with ; between`,
      );
    }
    limits = { ...limits, ...read };
  }
  return success({ limits });
}

import { failure, success, type Result } from "@/core/result";
import { type Fretting } from "./fretting";

const SILENT = /^[xX]$/;

/**
 * Reads a fretting as players write it, thickest string first: "x 5 7 7 x x", "0-2-2-x-0-0",
 * "x,10,12,12,x,x", or "577xxx" where every fret has one digit.
 *
 * @example readFretting("x 3 5 5 x x") // [null, 3, 5, 5, null, null]
 */
export function readFretting(text: string, field = "fretting"): Result<Fretting> {
  const isPacked = /^[xX0-9]+$/.test(text.trim());
  const words = isPacked ? [...text.trim()] : text.trim().split(/[\s,/-]+/);
  const wrong = words.find((word) => !SILENT.test(word) && !/^\d{1,2}$/.test(word));
  if (wrong !== undefined) {
    const told = wrong === "" ? "nothing" : `'${wrong}'`;
    return failure(field, `${told} is no fret; write frets from thick to thin, like 'x 5 7 7 x x'`);
  }
  return success(words.map((word) => (SILENT.test(word) ? null : Number(word))));
}

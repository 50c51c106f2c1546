/** A whole number in an address, held between bounds; the lower bound where it is missing or no number. */
export function wholeNumber(
  text: string | null,
  { min = 0, max = Number.MAX_SAFE_INTEGER }: { readonly min?: number; readonly max?: number } = {},
): number {
  const value = Math.floor(Number(text ?? min));
  return Number.isNaN(value) ? min : Math.min(max, Math.max(min, value));
}

/** The letters of figures, as a canvas understands them. */
export function chartFont(): { readonly family: string; readonly size: number } {
  const family = getComputedStyle(document.documentElement).getPropertyValue("--font-figures");
  return { family: family === "" ? "sans-serif" : family, size: 14 };
}

const CAPS: Readonly<Record<string, string>> = {
  ArrowDown: "↓",
  ArrowUp: "↑",
  ArrowLeft: "←",
  ArrowRight: "→",
  PageDown: "Page down",
  PageUp: "Page up",
  Escape: "Esc",
  " ": "Space",
  Minus: "-",
  Equal: "=",
};

/** What is printed on a key. */
export function capOf(key = ""): string {
  const digit = /^Digit(\d)$/.exec(key)?.[1];
  if (digit) return digit;
  if (key.length > 1 && key.includes("+")) return key.split("+").map(capOf).join(" ");
  return CAPS[key] ?? (key.length === 1 ? key.toUpperCase() : key);
}

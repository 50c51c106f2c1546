const PLAIN = /^[\w .:/#+-]*$/;

/** What XML allows of a text, with its own signs escaped. */
export function escapeXml(text: string): string {
  if (PLAIN.test(text)) return text;
  return text
    .replace(/[^\t\n\r\u0020-\uD7FF\uE000-\uFFFD\u{10000}-\u{10FFFF}]/gu, "")
    .replace(/&/g, "&amp;")
    .replace(/</g, "&lt;")
    .replace(/>/g, "&gt;")
    .replace(/"/g, "&quot;");
}

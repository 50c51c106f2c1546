/** An element to be written: text, or further elements. */
export interface XmlElement {
  readonly name: string;
  readonly attributes: Readonly<Record<string, string | number>>;
  readonly content: string | readonly XmlElement[];
}

/** Describes an element; children that are null or undefined are left out. */
export function element(
  name: string,
  content: string | number | readonly (XmlElement | null | undefined)[] = [],
  attributes: XmlElement["attributes"] = {},
): XmlElement {
  const inner =
    typeof content === "object"
      ? content.filter((each) => each !== null && each !== undefined)
      : String(content);
  return { name, attributes, content: inner };
}

/** Writes a document, an element a line. */
export function xmlText(root: XmlElement): string {
  const lines = ['<?xml version="1.0" encoding="UTF-8"?>'];
  write(root, "", lines);
  return `${lines.join("\n")}\n`;
}

function write({ name, attributes, content }: XmlElement, indent: string, lines: string[]): void {
  const said = Object.entries(attributes)
    .map(([key, value]) => ` ${key}="${escaped(String(value))}"`)
    .join("");
  if (typeof content === "string")
    lines.push(`${indent}<${name}${said}>${escaped(content)}</${name}>`);
  else if (content.length === 0) lines.push(`${indent}<${name}${said}/>`);
  else {
    lines.push(`${indent}<${name}${said}>`);
    for (const each of content) write(each, `${indent}  `, lines);
    lines.push(`${indent}</${name}>`);
  }
}

/** What XML allows of a text, with its own signs escaped. */
function escaped(text: string): string {
  return text
    .replace(/[^\t\n\r\u0020-\uD7FF\uE000-\uFFFD\u{10000}-\u{10FFFF}]/gu, "")
    .replace(/&/g, "&amp;")
    .replace(/</g, "&lt;")
    .replace(/>/g, "&gt;")
    .replace(/"/g, "&quot;");
}

import { escapeXml } from "@/formats/escapeXml";

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

/** An element in lines of its own; one that holds nothing but texts stands in one line. */
function write(node: XmlElement, indent: string, lines: string[]): void {
  const { content } = node;
  if (typeof content === "string" || content.every((each) => isLeaf(each))) {
    lines.push(indent + inline(node));
    return;
  }
  lines.push(`${indent}<${node.name}${attributesText(node)}>`);
  for (const each of content) write(each, `${indent} `, lines);
  lines.push(`${indent}</${node.name}>`);
}

function isLeaf({ content }: XmlElement): boolean {
  return typeof content === "string" || content.length === 0;
}

function inline(node: XmlElement): string {
  const { name, content } = node;
  const open = `<${name}${attributesText(node)}`;
  if (typeof content === "string") return `${open}>${escapeXml(content)}</${name}>`;
  if (content.length === 0) return `${open}/>`;
  return `${open}>${content.map(inline).join("")}</${name}>`;
}

function attributesText({ attributes }: XmlElement): string {
  let text = "";
  for (const key in attributes) text += ` ${key}="${escapeXml(String(attributes[key]))}"`;
  return text;
}

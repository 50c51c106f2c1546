import { SaxesParser } from "saxes";
import { failure, success, type Result } from "@/core/result";

/** An element of an XML document. */
export interface XmlNode {
  readonly name: string;
  readonly attributes: Readonly<Record<string, string>>;
  readonly children: readonly XmlNode[];
  readonly text: string;
  /** From 1. */
  readonly line: number;
}

interface OpenNode extends XmlNode {
  readonly children: XmlNode[];
  text: string;
}

/** Deeper than any notation nests. */
const MAX_DEPTH = 48;
const MAX_NODES = 3_000_000;
const LONGEST_TEXT = 10_000;

/**
 * Reads an XML document into a tree. Entities are those of XML itself: a document that declares its own is refused where it
 * uses them, and nothing outside it is ever looked at.
 */
export function readXml(text: string): Result<XmlNode> {
  const parser = new SaxesParser({ xmlns: false, position: true });
  const open: OpenNode[] = [];
  let root: XmlNode | null = null;
  let nodes = 0;
  const stop = (message: string): never => {
    throw new XmlStop(message);
  };
  parser.on("error", (error) => stop(error.message));
  parser.on("doctype", (doctype) => {
    if (/<!ENTITY/i.test(doctype)) stop("it declares entities, which no notation needs");
  });
  parser.on("opentag", ({ name, attributes }) => {
    if (open.length >= MAX_DEPTH) stop(`elements nest more than ${MAX_DEPTH} deep`);
    if (++nodes > MAX_NODES) stop(`more than ${MAX_NODES} elements`);
    open.push({ name, attributes, children: [], text: "", line: parser.line });
  });
  parser.on("text", (said) => {
    const node = open.at(-1);
    if (node && node.text.length < LONGEST_TEXT) node.text += said;
  });
  parser.on("closetag", () => {
    const node = open.pop();
    if (!node) return;
    const parent = open.at(-1);
    if (parent) parent.children.push(node);
    else root = node;
  });
  try {
    parser.write(text).close();
  } catch (error) {
    const message = error instanceof Error ? error.message : String(error);
    return failure(
      "input",
      `line ${parser.line}: no whole XML: ${message.replace(/^\d+:\d+: /, "")}`,
    );
  }
  return root ? success(root) : failure("input", "no XML in it");
}

class XmlStop extends Error {}

/** The first child of a name. */
export function child(node: XmlNode | undefined, name: string): XmlNode | undefined {
  return node?.children.find((each) => each.name === name);
}

export function childrenOf(node: XmlNode | undefined, name: string): readonly XmlNode[] {
  return node?.children.filter((each) => each.name === name) ?? [];
}

/** The first node down a path of names. */
export function at(node: XmlNode | undefined, ...path: readonly string[]): XmlNode | undefined {
  return path.reduce<XmlNode | undefined>((found, name) => child(found, name), node);
}

export function textOf(node: XmlNode | undefined): string {
  return node?.text.trim() ?? "";
}

/** A child's text as a number; null where it is none. */
export function numberIn(node: XmlNode | undefined, ...path: readonly string[]): number | null {
  const text = textOf(at(node, ...path));
  const number = Number(text);
  return text === "" || !Number.isFinite(number) ? null : number;
}

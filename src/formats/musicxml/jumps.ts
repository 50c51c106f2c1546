import { child, childrenOf, textOf, type XmlNode } from "./tree";

/** Where playing goes on elsewhere after a measure, and where it can go on. Jumps and signs have names; "" is no name. */
export interface JumpSigns {
  readonly dacapo: boolean;
  readonly dalsegno: string | null;
  readonly segno: string | null;
  readonly tocoda: string | null;
  readonly coda: string | null;
  /** After a jump the piece ends here. */
  readonly fine: boolean;
}

export const NO_JUMPS: JumpSigns = {
  dacapo: false,
  dalsegno: null,
  segno: null,
  tocoda: null,
  coda: null,
  fine: false,
};

/** What a measure says of jumps: by how it should sound, else by its signs and words. */
export function readJumps(measure: XmlNode): JumpSigns {
  return measure.children.map(jumpsOf).reduce(bothJumps, NO_JUMPS);
}

/** What two say together, the first where they differ. */
export function bothJumps(a: JumpSigns, b: JumpSigns): JumpSigns {
  return {
    dacapo: a.dacapo || b.dacapo,
    dalsegno: a.dalsegno ?? b.dalsegno,
    segno: a.segno ?? b.segno,
    tocoda: a.tocoda ?? b.tocoda,
    coda: a.coda ?? b.coda,
    fine: a.fine || b.fine,
  };
}

function jumpsOf(node: XmlNode): JumpSigns {
  if (node.name === "sound") return soundJumps(node);
  if (node.name === "barline") {
    const { segno = null, coda = null } = node.attributes;
    const has = (name: string) => (child(node, name) ? "" : null);
    return { ...NO_JUMPS, segno: segno ?? has("segno"), coda: coda ?? has("coda") };
  }
  if (node.name !== "direction") return NO_JUMPS;
  const said = soundJumps(child(node, "sound"));
  const types = childrenOf(node, "direction-type");
  const words = types.flatMap((type) => childrenOf(type, "words").map(textOf)).join(" ");
  const isSaid = said.dacapo || said.fine || said.dalsegno !== null || said.tocoda !== null;
  const all = isSaid ? said : bothJumps(said, wordJumps(words.trim()));
  const has = (name: string) => (types.some((type) => child(type, name)) ? "" : null);
  return {
    ...all,
    segno: all.segno ?? (all.dalsegno === null ? has("segno") : null),
    // The same sign stands where one leaves for the coda and where the coda begins.
    coda: all.coda ?? (all.tocoda === null ? has("coda") : null),
  };
}

function soundJumps(sound: XmlNode | undefined): JumpSigns {
  const { dacapo, dalsegno, segno, tocoda, coda, fine } = sound?.attributes ?? {};
  return {
    dacapo: dacapo === "yes",
    dalsegno: dalsegno ?? null,
    segno: segno ?? null,
    tocoda: tocoda ?? null,
    coda: coda ?? null,
    fine: fine !== undefined && fine !== "no",
  };
}

const DACAPO = /^(?:D\.? ?C\.?|da capo)(?: al| e poi|$)/i;
const DALSEGNO = /^(?:D\.? ?S\.?|dal segno)(?: al| e poi|$)/i;

function wordJumps(words: string): JumpSigns {
  return {
    ...NO_JUMPS,
    dacapo: DACAPO.test(words),
    dalsegno: DALSEGNO.test(words) ? "" : null,
    tocoda: /^to coda\b/i.test(words) ? "" : null,
    fine: /^fine\.?$/i.test(words),
  };
}

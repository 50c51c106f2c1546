import { PARTS } from "./parts";
import { FIRST_VIEW, type View } from "./view";

/** A view as the query of an address, "?tuning=40,45,...&root=C%23&stack=0,7,12"; defaults are left out. */
export function writeAddress(view: View): string {
  const plain = { ...FIRST_VIEW, tuningMidi: view.tuningMidi };
  const pairs = PARTS.flatMap(({ name, write }) => {
    const text = write(view);
    const isPlain = !ALWAYS_WRITTEN.includes(name) && text === write(plain);
    // Commas may stand in a query, and make it readable.
    return text === null || isPlain
      ? []
      : [`${name}=${encodeURIComponent(text).replaceAll("%2C", ",")}`];
  });
  return `?${pairs.join("&")}`;
}

const ALWAYS_WRITTEN = ["tuning", "root", "stack"];

export interface Address {
  /** What the address says; empty where it says nothing. */
  readonly view: Partial<View>;
  /** What made no sense and was left out. */
  readonly problems: readonly string[];
}

/** A tuning of the usual kind, for parts that count its strings where the address tells none. */
const USUAL_STRINGS = [40, 45, 50, 55, 59, 64];

/** Reads the query of an address. Names it does not know are left alone; bad values become problems. */
export function readAddress(search: string): Address {
  const query = new URLSearchParams(search);
  const problems: string[] = [];
  let said: Partial<View> = {};
  for (const { name, read } of PARTS) {
    const text = query.get(name);
    if (text === null) continue;
    const result = read(text, { ...FIRST_VIEW, tuningMidi: USUAL_STRINGS, ...said });
    if (result.ok) said = { ...said, ...result.value };
    else problems.push(`Address, ${name}: ${result.problem.message}`);
  }
  // A bookmark that names a chord shows that view alone, not what was left over from another.
  const view = said.tuningMidi ? { ...FIRST_VIEW, ...said } : said;
  return { view, problems };
}

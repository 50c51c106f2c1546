import {
  type Advice,
  type Blocker,
  type HoldsAtTempo,
  type NamedRoute,
  type NamedRouteKind,
} from "@/core/arrangement";

export function mmText(mm: number): string {
  return `${Math.round(mm)} mm`;
}

export function msText(ms: number): string {
  return `${Math.round(ms)} ms`;
}

/** "Least movement, low and heavy". */
export function routeName({ names }: Pick<NamedRoute, "names">): string {
  const text = names.map((name) => ROUTE_WORDS[name]).join(", ");
  return text.slice(0, 1).toUpperCase() + text.slice(1);
}

/** Always part of a short name, since players look for them. */
const ALWAYS_NAMED: ReadonlySet<string> = new Set(["closed", "one shape"]);

/** The first name of a route, and "closed shapes" or "one shape" if it has them. */
export function shortRouteName({ names }: Pick<NamedRoute, "names">): string {
  return routeName({ names: names.filter((name, at) => at === 0 || ALWAYS_NAMED.has(name)) });
}

const ROUTE_WORDS: Readonly<Record<NamedRouteKind | "another", string>> = {
  usual: "usual",
  closed: "closed shapes",
  "one place": "one place for each chord",
  "one shape": "one shape",
  "one position": "one position",
  "least movement": "least movement",
  "least hardest change": "least hardest change",
  "open and ringing": "open and ringing",
  "low and heavy": "low and heavy",
  "up the neck": "up the neck",
  "one string pair": "one string pair",
  another: "another route",
};

export const HOLDS_WORDS: Readonly<Record<HoldsAtTempo, string>> = {
  holds: "holds",
  tight: "tight",
  "too fast": "too fast",
};

/** What to do, in a player's words. */
export function adviceWords({ kind, chord, strums }: Advice): string {
  const last = strums === 1 ? "the last strum" : `the last ${strums} strums`;
  switch (kind) {
    case "let strums go":
      return `Let ${last} of ${chord} go`;
    case "scratch under the move":
      return `Scratch ${last} of ${chord} and move under it`;
    case "let strums go everywhere":
      return `Let ${last} go before every hard change`;
    case "other fingers":
      return `Take other fingers for ${chord}`;
    case "another place":
      return `Play ${chord} in another place`;
    case "closed shape":
      return `Play ${chord} as a closed shape`;
    case "two notes":
      return `Play two notes of ${chord}`;
    case "root only":
      return `Play only the root of ${chord}`;
  }
}

export const BLOCKER_WORDS: Readonly<Record<Blocker, string>> = {
  frets: "the range of frets",
  rootStrings: "the strings for roots",
  openStrings: "no open strings",
  maxNotes: "how many notes",
  forbidden: "the grips you forbade",
};

/** "Bar 6". */
export function barWords(playedBar: number): string {
  return `Bar ${playedBar + 1}`;
}

/** A section as it is called on screen. */
export function sectionName(key: string): string {
  return key === "" ? "Song" : key;
}

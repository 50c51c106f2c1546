import {
  type AdviceKind,
  type Blocker,
  type HoldsAtTempo,
  type NamedRoute,
  type SongChange,
} from "@/core/arrangement";

/** Beats a minute, as a player reads them: never more than what is clean. */
export function tempoText(bpm: number | null): string {
  return bpm === null ? "any tempo" : String(Math.floor(bpm));
}

export function mmText(mm: number): string {
  return `${Math.round(mm)} mm`;
}

export function msText(ms: number): string {
  return `${Math.round(ms)} ms`;
}

/** "Least movement, low and heavy". */
export function routeName({ names }: Pick<NamedRoute, "names">): string {
  const text = names.join(", ");
  return text === "another" ? "Nearly as usual" : text.slice(0, 1).toUpperCase() + text.slice(1);
}

export const HOLDS_WORDS: Readonly<Record<HoldsAtTempo, string>> = {
  comfortable: "comfortable",
  tight: "tight",
  impossible: "too late",
};

export const ADVICE_WORDS: Readonly<Record<AdviceKind, (chord: string) => string>> = {
  "another place": (chord) => `Play ${chord} in another place`,
  "other fingers": (chord) => `Take other fingers for ${chord}`,
  "leave the last eighth": (chord) => `Leave the last eighth of ${chord} empty`,
  "leave it before every change": () => "Leave the last eighth empty before every hard change",
  "root only": (chord) => `Only the root of ${chord}`,
  "two notes": (chord) => `Two notes of ${chord}`,
};

export const BLOCKER_WORDS: Readonly<Record<Blocker, string>> = {
  frets: "the range of frets",
  rootStrings: "the strings for roots",
  openStrings: "no open strings",
  mostNotes: "how many notes",
  forbidden: "the grips you forbade",
};

/** "94 mm toward the nut, same shape, 1 string across". */
export function moveWords(change: SongChange): string {
  const { travelMm, isTowardNut, isShapeKept, stringsCrossed } = change;
  const way =
    travelMm > 0
      ? `${mmText(travelMm)} ${isTowardNut ? "toward the nut" : "up the neck"}`
      : "stays";
  const strings =
    stringsCrossed === 0
      ? "same strings"
      : `${stringsCrossed} ${stringsCrossed === 1 ? "string" : "strings"} across`;
  return [way, isShapeKept ? "same shape" : "new shape", strings].join(", ");
}

/** "Bar 6". */
export function barWords(playedBar: number): string {
  return `Bar ${playedBar + 1}`;
}

/** A section as it is called on screen. */
export function sectionName(key: string): string {
  return key === "" ? "Song" : key;
}

import { barTokens, headingOfBars, isSign, type BarToken } from "./barLine";
import { isChordWord, isEnglish } from "./chordWord";
import { readCounts } from "./counts";
import { type Fact } from "./facts";
import { kindOfLine, readLabel } from "./lineKind";
import { bareWord, wordsIn, type Word } from "./lines";
import { isValidNoteWord } from "./noteWord";
import { barWordKind, isAgainBar, type BarWordKind } from "./notation";
import { readKey, type Key } from "../chart";

/** What a piece of a line is, for whoever shows it. */
export type PieceKind =
  | "heading"
  | "chord"
  | "note"
  | "unknown"
  | "bar"
  | "hold"
  | "texture"
  | "name"
  | "value"
  | "aside";

export interface LinePiece {
  /** From 0, in UTF-16 units. */
  readonly from: number;
  readonly to: number;
  readonly kind: PieceKind;
}

const PIECE_OF: Readonly<Record<BarWordKind, PieceKind>> = {
  chord: "chord",
  notes: "note",
  "no chord": "hold",
  hold: "hold",
  rest: "hold",
  again: "hold",
  texture: "texture",
  times: "unknown",
  other: "unknown",
};

/**
 * The pieces of one line, in order, as the reader of charts would take them; and the key, where the line says it. What
 * is between them is plain.
 */
export function piecesOf(
  text: string,
  key: Key | null,
): { readonly pieces: readonly LinePiece[]; readonly key: Key | null } {
  const kind = kindOfLine(text, key);
  const whole = (as: PieceKind) => [{ from: 0, to: text.length, kind: as }];
  switch (kind.kind) {
    case "blank":
      return { pieces: [], key };
    case "directive": {
      const said = kind.facts.find(({ name }) => name === "key");
      return {
        pieces: saidPieces(text, kind.facts),
        key: (said && readKey(said.value)) ?? key,
      };
    }
    case "heading":
      return { pieces: whole("heading"), key };
    case "text":
      return { pieces: whole("aside"), key };
    case "bars":
      return { pieces: barPieces(text, key), key };
    case "sheet":
      return { pieces: sheetPieces(text, key), key };
    case "counts":
      return {
        pieces: (readCounts(text) ?? []).map(({ word }) => pieceOf(word.text, word.column, key)),
        key,
      };
    case "chords": {
      const label = readLabel(text, key)?.length ?? 0;
      const words = wordsIn(text.slice(label), label);
      const heading: readonly LinePiece[] =
        label > 0 ? [{ from: 0, to: label, kind: "heading" }] : [];
      return {
        pieces: [...heading, ...words.map((word) => pieceOf(word.text, word.column, key))],
        key,
      };
    }
  }
}

/** The values of a line's directives, and what stands around them. */
function saidPieces(text: string, said: readonly Fact[]): readonly LinePiece[] {
  const edges = [0, ...said.flatMap(({ column, value }) => [column, column + value.length])];
  return edges.flatMap((from, index) => {
    const to = edges[index + 1] ?? text.length;
    const kind = index % 2 === 1 ? "value" : "name";
    return to > from ? [{ from, to, kind } as const] : [];
  });
}

function barPieces(text: string, key: Key | null): readonly LinePiece[] {
  const tokens = barTokens(text);
  const taken = headingOfBars(text, tokens, key)?.taken ?? 0;
  return tokens.map(({ kind, word }, index) => {
    if (kind === "word" && index >= taken) {
      const piece = pieceOf(word.text, word.column, key);
      const isMisplaced =
        barWordKind(word.text, key) === "again" && !isAgainBar(barAround(tokens, index));
      return isMisplaced ? { ...piece, kind: "unknown" } : piece;
    }
    const to = word.column + word.text.length;
    return { from: word.column, to, kind: index < taken ? "heading" : "bar" };
  });
}

/** The words between the bar lines around a piece. */
function barAround(tokens: readonly BarToken[], index: number): readonly Word[] {
  const from = tokens.findLastIndex((token, at) => at < index && isSign(token)) + 1;
  const to = tokens.findIndex((token, at) => at > index && isSign(token));
  return tokens
    .slice(from, to < 0 ? tokens.length : to)
    .flatMap((token) => (token.kind === "word" ? [token.word] : []));
}

function sheetPieces(text: string, key: Key | null): readonly LinePiece[] {
  return [...text.matchAll(/\[([^[\]]*)\]/g)].map(({ 0: bracket, 1: inner = "", index }) => ({
    from: index,
    to: index + bracket.length,
    kind: isChordWord(inner.trim(), key)
      ? "chord"
      : isValidNoteWord(inner.trim())
        ? "note"
        : "unknown",
  }));
}

function pieceOf(text: string, from: number, key: Key | null): LinePiece {
  const to = from + text.length;
  const { text: plain } = bareWord({ text, column: from });
  const kind = PIECE_OF[barWordKind(plain, key)];
  const isWrong =
    (kind === "chord" && isEnglish(plain)) || (kind === "note" && !isValidNoteWord(plain));
  return { from, to, kind: isWrong ? "unknown" : kind };
}

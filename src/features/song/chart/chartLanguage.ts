import { autocompletion, type Completion, type CompletionContext } from "@codemirror/autocomplete";
import { HighlightStyle, StreamLanguage, syntaxHighlighting } from "@codemirror/language";
import { type Extension } from "@codemirror/state";
import { tags } from "@lezer/highlight";
import {
  MOTIONS,
  piecesOf,
  STROKES,
  TOUCHES,
  type Key,
  type LinePiece,
  type PieceKind,
} from "@/core/song";

/** How the editor shows the language of charts: colours, and what may be completed. */

interface LineState {
  key: Key | null;
  pieces: readonly LinePiece[];
}

const TAGS: Readonly<Record<PieceKind, string>> = {
  heading: "heading",
  chord: "atom",
  note: "atom",
  unknown: "invalid",
  bar: "punctuation",
  hold: "operator",
  texture: "annotation",
  name: "propertyName",
  value: "string",
  aside: "comment",
};

const language = StreamLanguage.define<LineState>({
  name: "chart",
  startState: () => ({ key: null, pieces: [] }),
  copyState: (state) => ({ ...state }),
  token: (stream, state) => {
    if (stream.sol()) {
      const { pieces, key } = piecesOf(stream.string, state.key);
      state.pieces = pieces;
      state.key = key;
    }
    const { pos } = stream;
    const piece = state.pieces.find(({ from, to }) => pos < to && pos >= from);
    const next = state.pieces.find(({ from }) => from > pos);
    stream.pos = piece?.to ?? next?.from ?? stream.string.length;
    return piece ? TAGS[piece.kind] : null;
  },
});

const style = HighlightStyle.define([
  { tag: tags.heading, fontWeight: "700", textDecoration: "none" },
  { tag: tags.atom, fontWeight: "600", color: "var(--chart-chord)" },
  { tag: tags.invalid, color: "var(--warning)" },
  { tag: tags.punctuation, color: "var(--muted)" },
  { tag: tags.operator, color: "var(--muted)" },
  { tag: tags.annotation, color: "var(--muted)", fontStyle: "italic" },
  { tag: tags.propertyName, color: "var(--muted)" },
  { tag: tags.string, color: "var(--ink)" },
  { tag: tags.comment, color: "var(--muted)" },
]);

const SECTIONS = ["Intro", "Verse", "Pre-Chorus", "Chorus", "Bridge", "Solo", "Interlude", "Outro"];
const SAID = ["Title: ", "Key: ", "Tempo: ", "Time: ", "Tuning: ", "Texture: "];
const LETTERS = ["C", "D", "E", "F", "G", "A", "B"];
const KINDS = ["5", "", "m", "7", "m7", "sus4", "sus2", "maj7", "dim", "aug"];

/** Names of sections and what a chart says at the beginning of a line, chords elsewhere: the song's own first. */
function complete(context: CompletionContext) {
  const word = context.matchBefore(/[\w#~♯♭/+-]+/);
  if (!word && !context.explicit) return null;
  const from = word?.from ?? context.pos;
  const line = context.state.doc.lineAt(context.pos);
  const isFirst = line.text.slice(0, from - line.from).trim() === "";
  const typed = word?.text ?? "";
  if (typed.startsWith("~")) {
    const options = [...TOUCHES, ...MOTIONS, ...STROKES].map((label) => ({ label: `~${label}` }));
    return { from, options, validFor: /^~[\w+-]*$/ };
  }
  const own = [...new Set(context.state.doc.toString().match(/\b[A-G][#b]?[\w#()/+]*/g))];
  const chords: readonly Completion[] = [
    ...own.map((label) => ({ label, type: "constant", boost: 2 })),
    ...LETTERS.flatMap((letter) =>
      ["", "#", "b"].flatMap((sign) => KINDS.map((kind) => ({ label: letter + sign + kind }))),
    ),
  ];
  const lines: readonly Completion[] = isFirst
    ? [...SECTIONS, ...SAID].map((label) => ({ label, type: "keyword", boost: 1 }))
    : [];
  return { from, options: [...lines, ...chords], validFor: /^[\w#♯♭/+-]*$/ };
}

export const chartLanguage: readonly Extension[] = [
  language,
  syntaxHighlighting(style),
  // Nothing is selected at first, so that Enter starts a new line whether the list is open or not.
  autocompletion({
    override: [complete],
    icons: false,
    activateOnTyping: true,
    selectOnOpen: false,
  }),
];

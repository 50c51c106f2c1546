import { useEffect, useRef } from "react";
import { closeCompletion, completionKeymap } from "@codemirror/autocomplete";
import { defaultKeymap } from "@codemirror/commands";
import { diagnosticCount, lintGutter, lintKeymap, setDiagnostics } from "@codemirror/lint";
import { Compartment, EditorState } from "@codemirror/state";
import { drawSelection, EditorView, keymap, placeholder, type KeyBinding } from "@codemirror/view";
import { type ChartProblem, type LineRole } from "@/core/song";
import { useEvent } from "@/ui/controls";
import { chartLanguage } from "./chartLanguage";
import { roleGutter, setRoles } from "./roleGutter";

interface ChartEditorProps {
  readonly text: string;
  readonly problems: readonly ChartProblem[];
  /** How each line was read. */
  readonly roles: ReadonlyMap<number, LineRole>;
  readonly isLocked: boolean;
  readonly onType: (text: string) => void;
  /** What is pasted is longer than a chart may be. */
  readonly onTooLong: (length: number) => void;
  readonly longest: number;
  /** Where the cursor stands, in UTF-16 units, and whether typing took it there. */
  readonly onPlace: (offset: number, isTyping: boolean) => void;
}

const EXAMPLE = `Paste a chart, or write one:

Tempo: 112
Intro
| 6:0 6:3 6:5 6:3 |
Verse
| A5 . D5 . | E5 |
Chorus
| F5 | C5 | G5 |`;

const LOOK = EditorView.theme({
  "&": { height: "100%", fontSize: "16px", color: "var(--ink)", background: "var(--raised)" },
  ".cm-scroller": {
    fontFamily: "var(--font-figures)",
    fontVariantLigatures: "none",
    lineHeight: "1.55",
  },
  ".cm-content": { caretColor: "var(--ink)", padding: "10px 4px" },
  ".cm-cursor": { borderLeftColor: "var(--ink)", borderLeftWidth: "2px" },
  "&.cm-focused": { outline: "3px solid var(--focus)", outlineOffset: "1px" },
  ".cm-selectionBackground, &.cm-focused .cm-selectionBackground": {
    background: "var(--picked) !important",
  },
  ".cm-placeholder": { color: "var(--muted)", whiteSpace: "pre" },
  ".cm-gutters": { background: "transparent", border: "none" },
  ".cm-tooltip": {
    background: "var(--surface)",
    color: "var(--ink)",
    border: "1px solid var(--line)",
    borderRadius: "8px",
    maxWidth: "26rem",
  },
  ".cm-tooltip-autocomplete > ul > li": { padding: "4px 10px" },
  ".cm-tooltip-autocomplete > ul > li[aria-selected]": {
    background: "var(--inverse)",
    color: "var(--on-inverse)",
  },
  ".cm-diagnostic": { borderLeft: "4px solid var(--warning)", padding: "6px 10px" },
  ".cm-lintRange-error": {
    backgroundImage: "none",
    textDecoration: "underline wavy var(--warning)",
    textUnderlineOffset: "3px",
  },
});

/** Escape leaves the editor, unless a list of completions is open. */
const LEAVE: KeyBinding = {
  key: "Escape",
  run: ({ contentDOM }) => {
    contentDOM.blur();
    return true;
  },
};

/** The text of a chart, with what is wrong marked in its place. */
export function ChartEditor(props: ChartEditorProps) {
  const { text, problems, roles, isLocked, longest } = props;
  const host = useRef<HTMLDivElement>(null);
  const view = useRef<EditorView | null>(null);
  const lock = useRef(new Compartment());
  const onType = useEvent(props.onType);
  const onTooLong = useEvent(props.onTooLong);
  const onPlace = useEvent(props.onPlace);

  useEffect(() => {
    if (!host.current) return;
    const made = new EditorView({
      parent: host.current,
      state: EditorState.create({
        doc: text,
        extensions: [
          EditorView.cspNonce.of(nonceOf(document)),
          LOOK,
          EditorView.lineWrapping,
          EditorView.contentAttributes.of({
            "aria-label": "Chart",
            spellcheck: "false",
            autocapitalize: "off",
          }),
          drawSelection(),
          placeholder(EXAMPLE),
          lintGutter(),
          roleGutter,
          chartLanguage,
          // Undo is the song's own, so that text, pins and limits go back in the order they came.
          keymap.of([...completionKeymap, LEAVE, ...lintKeymap, ...defaultKeymap]),
          lock.current.of([]),
          EditorState.changeFilter.of((change) => {
            const isShort = change.newDoc.length <= longest;
            if (!isShort) onTooLong(change.newDoc.length);
            return isShort;
          }),
          EditorView.updateListener.of(({ docChanged, selectionSet, state, transactions }) => {
            const isOurs = transactions.some((each) => each.isUserEvent("tenon"));
            if (docChanged && !isOurs) onType(state.doc.toString());
            if (docChanged || selectionSet) onPlace(state.selection.main.head, docChanged);
          }),
        ],
      }),
    });
    // The one place that scrolls can be reached with the keyboard through the text in it.
    made.scrollDOM.tabIndex = 0;
    view.current = made;
    return () => {
      made.destroy();
      view.current = null;
    };
    // Made once; what changes is dispatched below.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, []);

  // What came from elsewhere: undo, another window, a tempo that was set beside the text.
  useEffect(() => {
    const editor = view.current;
    if (!editor) return;
    const old = editor.state.doc.toString();
    // Line ends are kept as they are by the song; the editor knows one kind.
    if (old === text || old === text.replace(/\r\n?/g, "\n")) return;
    closeCompletion(editor);
    editor.dispatch({
      changes: differenceOf(old, text.replace(/\r\n?/g, "\n")),
      userEvent: "tenon.set",
    });
  }, [text]);

  useEffect(() => {
    const editor = view.current;
    if (!editor) return;
    editor.dispatch({
      effects: lock.current.reconfigure(isLocked ? EditorState.readOnly.of(true) : []),
    });
  }, [isLocked]);

  useEffect(() => {
    view.current?.dispatch({ effects: setRoles.of(roles) });
  }, [roles]);

  useEffect(() => {
    const editor = view.current;
    if (!editor) return;
    const { doc } = editor.state;
    const marked = problems.slice(0, MAX_MARKED).flatMap(({ line, column, length, message }) => {
      if (line > doc.lines) return [];
      const { from, to } = doc.line(line);
      const start = Math.min(to, from + column - 1);
      const end = Math.min(to, start + Math.max(1, length));
      return [{ from: start, to: end, severity: "error" as const, message }];
    });
    if (marked.length > 0 || diagnosticCount(editor.state) > 0) {
      editor.dispatch(setDiagnostics(editor.state, marked));
    }
  }, [problems, text]);

  return (
    <div
      ref={host}
      className="h-full overflow-hidden rounded-lg border border-muted"
      data-editor="chart"
    />
  );
}

/** More marks than this would only slow the editor; all are listed beside it. */
const MAX_MARKED = 200;

/** The one stretch in which two texts differ. */
function differenceOf(old: string, next: string) {
  let from = 0;
  const shorter = Math.min(old.length, next.length);
  while (from < shorter && old[from] === next[from]) from++;
  let end = 0;
  while (end < shorter - from && old.at(-1 - end) === next.at(-1 - end)) end++;
  return { from, to: old.length - end, insert: next.slice(from, next.length - end) };
}

/** Styles are only let in under the page's own nonce. */
function nonceOf(page: Document): string {
  return page.querySelector<HTMLScriptElement>("script[nonce]")?.nonce ?? "";
}

import { StateEffect, StateField } from "@codemirror/state";
import { EditorView, gutter, GutterMarker } from "@codemirror/view";
import { type LineRole } from "@/core/song";

/** Updates the roles shown in the gutter. */
export const setRoles = StateEffect.define<ReadonlyMap<number, LineRole>>();

const NO_ROLES: ReadonlyMap<number, LineRole> = new Map();

const rolesField = StateField.define<ReadonlyMap<number, LineRole>>({
  create: () => NO_ROLES,
  update: (roles, { effects }) => effects.findLast((effect) => effect.is(setRoles))?.value ?? roles,
});

const WORDS: Readonly<Record<LineRole, string>> = {
  heading: "part",
  chords: "chords",
  words: "words",
  fact: "fact",
  remark: "note",
};

class RoleMarker extends GutterMarker {
  constructor(private readonly role: LineRole) {
    super();
  }

  override eq(other: RoleMarker): boolean {
    return other.role === this.role;
  }

  override toDOM(): Node {
    const label = document.createElement("span");
    label.textContent = WORDS[this.role];
    label.dataset.role = this.role;
    return label;
  }
}

const MARKERS = Object.fromEntries(
  (Object.keys(WORDS) as LineRole[]).map((role) => [role, new RoleMarker(role)]),
) as Readonly<Record<LineRole, RoleMarker>>;

/** A gutter with the role of each line. */
export const roleGutter = [
  rolesField,
  gutter({
    class: "cm-roles",
    lineMarker: (view, { from }) => {
      const role = view.state.field(rolesField).get(view.state.doc.lineAt(from).number);
      return role ? MARKERS[role] : null;
    },
    lineMarkerChange: ({ transactions }) =>
      transactions.some(({ effects }) => effects.some((effect) => effect.is(setRoles))),
    initialSpacer: () => MARKERS.chords,
  }),
  EditorView.baseTheme({
    ".cm-roles": { minWidth: "2.6rem" },
    ".cm-roles .cm-gutterElement": {
      color: "var(--muted)",
      fontFamily: "var(--font-figures)",
      fontSize: "13px",
      textAlign: "right",
      paddingRight: "4px",
    },
  }),
];

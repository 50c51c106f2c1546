import { AppDialog } from "@/ui/controls";

const SHORTCUTS: readonly (readonly [keys: readonly string[], what: string])[] = [
  [["A", "–", "G"], "Root"],
  [["]"], "Root up a half step"],
  [["["], "Root down a half step"],
  [["1", "–", "6"], "Stack"],
  [["↓", "→", "Page down"], "Next grip"],
  [["↑", "←", "Page up"], "Grip before"],
  [["N"], "Other fingers for this grip"],
  [["Enter"], "Pin or unpin the grip"],
  [["Esc"], "Show the neck without the grip"],
  [["M"], "Marks show degree, note or finger"],
  [["T"], "Tuning"],
  [["?"], "This list"],
];

export function ShortcutsDialog({ onClose }: { readonly onClose: () => void }) {
  return (
    <AppDialog title="Keys" onClose={onClose}>
      <dl className="grid grid-cols-[auto_1fr] items-center gap-x-6 gap-y-2 text-lg">
        {SHORTCUTS.map(([keys, what]) => (
          <div key={what} className="contents">
            <dt className="flex gap-1">
              {keys.map((key) =>
                key === "–" ? (
                  <span key={key}>to</span>
                ) : (
                  <kbd key={key} className="key-cap">
                    {key}
                  </kbd>
                ),
              )}
            </dt>
            <dd>{what}</dd>
          </div>
        ))}
      </dl>
      <p className="mt-4 text-[16px] text-muted">
        A page-turn pedal steps through the grips. On the neck, Tab reaches the notes and the arrows
        move among them.
      </p>
    </AppDialog>
  );
}

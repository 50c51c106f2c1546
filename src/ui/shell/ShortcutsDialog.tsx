import { AppDialog } from "@/ui/controls";

type Shortcut = readonly [keys: readonly string[], what: string];

const SHORTCUTS: Readonly<Record<string, readonly Shortcut[]>> = {
  Neck: [
    [["A", "–", "G"], "Root"],
    [["]", "["], "Root up, down a half step"],
    [["1", "–", "9", "0"], "Stack; 0 is the tenth"],
    [["↓", "→", "Page down"], "Next grip"],
    [["↑", "←", "Page up"], "Grip before"],
    [["O"], "Order of the grips"],
    [["S"], "Only strum-safe grips"],
    [["K", "J"], "The same grip up, down the neck"],
    [["L", "H"], "The same grip on thinner, thicker strings"],
    [["I", ".", ","], "Its inversion, one note more, one less"],
    [["N"], "Other fingers for this grip"],
    [["Enter"], "Pin or unpin the grip"],
    [["P", "U", "Y", "X"], "Hear it: strummed, picked, palm-muted, choked"],
    [["W"], "Clean, or with gain"],
    [["V"], "Stage view: neck and grip alone, large"],
    [["Esc"], "Show the neck without the grip"],
    [["Shift", "1", "–", "="], "The twelve degrees on the map, from the root up"],
    [["M"], "Marks show degree, note, finger, fret or octave"],
  ],
  Name: [
    [["←", "→"], "The whole shape down, up a fret"],
    [["↑", "↓"], "The whole shape a string up, down"],
    [["Tab"], "To the notes; the arrows then move among them"],
    [["Enter"], "Put a note there, or take it away"],
    [["Esc"], "Clear the neck"],
  ],
  Compare: [
    [["H"], "Hold chord, pitches or shape"],
    [["W"], "Weigh: what counts"],
    [["K"], "Save, print, take along"],
    [["S"], "Find a tuning"],
  ],
  Everywhere: [
    [["T"], "Tuning"],
    [["Z", "Ctrl Z"], "Take the last change back"],
    [["Ctrl Y"], "And bring it again"],
    [["?"], "This list"],
  ],
  Retune: [
    [["Enter", "↓", "Page down"], "Next string"],
    [["↑", "Page up"], "String before"],
    [["H"], "Hear the string's target"],
  ],
  Tuner: [
    [["1", "–", "9", "0"], "String; 0 is the tenth"],
    [["X"], "The nearest string"],
    [["↑", "↓"], "Thinner, thicker string"],
    [["H"], "Hear the target"],
  ],
};

export function ShortcutsDialog({ onClose }: { readonly onClose: () => void }) {
  return (
    <AppDialog title="Keys" onClose={onClose}>
      <div className="gap-x-10 sm:columns-2">
        {Object.entries(SHORTCUTS).map(([screen, shortcuts]) => (
          <section key={screen} className="mb-5 break-inside-avoid">
            <h3 className="mb-1.5 text-lg font-semibold">{screen}</h3>
            <dl className="grid grid-cols-[auto_1fr] items-center gap-x-4 gap-y-1.5">
              {shortcuts.map(([keys, what]) => (
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
          </section>
        ))}
      </div>
      <p className="mt-4 text-[16px] text-muted">
        A page-turn pedal steps through grips and strings. On the neck, Tab reaches the notes and
        the arrows move among them.
      </p>
    </AppDialog>
  );
}

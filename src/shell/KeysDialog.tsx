import { AppDialog, capsOf, TO, type KeySection } from "@/ui/controls";
import { SHELL_KEY_LIST } from "./shellKeyList";

/** Every key there is, from the tables that the screens listen to. */
export function keysDialogOf(rooms: readonly KeySection[]) {
  const sections = [...SHELL_KEY_LIST, ...rooms];
  return function KeysDialog({ onClose }: { readonly onClose: () => void }) {
    return (
      <AppDialog title="Keys" onClose={onClose}>
        <div className="gap-x-10 sm:columns-2">
          {sections.map(({ title, lines }) => (
            <section key={title} className="mb-5 break-inside-avoid">
              <h3 className="mb-1.5 text-lg font-semibold">{title}</h3>
              <dl className="grid grid-cols-[auto_1fr] items-center gap-x-4 gap-y-1.5">
                {lines.map(({ keys, what }) => (
                  <div key={what} className="contents">
                    <dt className="flex gap-1">
                      {capsOf(keys).map((cap, place) =>
                        cap === TO ? (
                          <span key={place}>to</span>
                        ) : (
                          <kbd key={place} className="key-cap">
                            {cap}
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
  };
}

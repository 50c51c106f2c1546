import { useOtherData } from "@/session";
import { Section } from "@/ui/controls";
import { saveJson } from "@/ui/save";

/** Changes that wait for data which are not these any more; nothing where there are none. */
export function OtherDataSection() {
  const { changes, addable, addBeside, forget } = useOtherData();
  const { length } = changes;
  if (length === 0) return null;
  return (
    <Section title="Not saved before the data changed">
      <p className="text-lg">
        {length === 1 ? "One change was" : `${length} changes were`} made on data that have been
        replaced since, by a backup or by another file, and could not be saved.
      </p>
      <div className="flex flex-wrap gap-2">
        {addable > 0 && (
          <button type="button" className="button button-primary" onClick={addBeside}>
            Add to what is here
          </button>
        )}
        <button
          type="button"
          className="button"
          onClick={() => saveJson("tenon-not-saved", { changes })}
        >
          Save as a file
        </button>
        <button type="button" className="button" onClick={forget}>
          Forget
        </button>
      </div>
      <p className="text-[15px] text-muted">
        Songs and comparisons that you worked on are added as new ones; nothing that is here is
        changed.
      </p>
    </Section>
  );
}

import { type ShapeReading, type ShapeStep } from "@/core/reading";
import { NoteText, spokenNotes } from "@/ui/text";

interface StepButtonsProps {
  readonly steps: readonly ShapeStep[];
  readonly strings: number;
  readonly onPut: (fretting: ShapeReading["fretting"]) => void;
}

const MAX_SHOWN = 10;

/** What one note more, or one less, would make of a shape; pressing it does so. */
export function StepButtons({ steps, strings, onPut }: StepButtonsProps) {
  return (
    <>
      {(["more", "less"] as const).map((kind) => {
        const ofKind = steps.filter((step) => step.kind === kind).slice(0, MAX_SHOWN);
        if (ofKind.length === 0) return null;
        return (
          <section key={kind} aria-labelledby={`${kind}-title`}>
            <h3 id={`${kind}-title`} className="field-label">
              {kind === "more" ? "With one note more" : "With one note less"}
            </h3>
            <div className="flex flex-wrap gap-2">
              {ofKind.map((step) => (
                <StepButton
                  key={step.name}
                  step={step}
                  strings={strings}
                  onPress={() => onPut(step.fretting)}
                />
              ))}
            </div>
          </section>
        );
      })}
    </>
  );
}

interface StepButtonProps {
  readonly step: ShapeStep;
  readonly strings: number;
  readonly onPress: () => void;
}

function StepButton({ step, strings, onPress }: StepButtonProps) {
  const { kind, name, string, fret } = step;
  const where =
    kind === "less"
      ? `string ${strings - string} silent`
      : `string ${strings - string} ${fret === 0 ? "open" : `at ${fret}`}`;
  return (
    <button
      type="button"
      className="button h-auto flex-col gap-0 px-3 py-1"
      aria-label={`${spokenNotes(name)}: ${where}`}
      onClick={onPress}
    >
      <span className="text-lg font-semibold">
        <NoteText>{name}</NoteText>
      </span>
      <span className="text-[15px] text-muted">{where}</span>
    </button>
  );
}

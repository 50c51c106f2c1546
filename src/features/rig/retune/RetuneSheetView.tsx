import { useState, type ReactNode } from "react";
import { Check, ChevronRight, TriangleAlert, Volume2 } from "lucide-react";
import { playTone } from "@/audio";
import { type ByEarCheck, type RetunedString, type RetuneSheet } from "@/core/retuning";
import { type Bridge, type Guitar } from "@/state";
import { useKeys } from "@/ui/controls";
import { useNames } from "@/ui/names";
import { NoteText } from "@/ui/text";
import { checkText, pullText, tensionText, turnText, warningText } from "@/ui/tuning";
import { RETUNE_KEYS } from "./retuneKeys";

interface RetuneSheetViewProps {
  readonly guitar: Guitar;
  readonly sheet: RetuneSheet;
  /** The player has turned every string. */
  readonly onDone: () => void;
  /** What else to show below the warnings. */
  readonly children?: ReactNode;
  /** In a dialog, keys of the page are shut off; the sheet then listens by itself. */
  readonly inDialog?: boolean;
}

const TONE_S = 4;

interface Step {
  readonly pass: "turn" | "again";
  readonly string: number;
  readonly check: ByEarCheck | null;
}

const BEFORE: Readonly<Record<Bridge, string | null>> = {
  fixed: null,
  floating: "A floating bridge shifts every other string with each turn.",
  locking: "Unlock the nut first and set the fine tuners to their middle; lock it at the end.",
};

/** Exactly what to turn, one string after the other, each with its tone and its check by ear. */
export function RetuneSheetView(props: RetuneSheetViewProps) {
  const { guitar, sheet, onDone, children, inDialog = false } = props;
  const steps = stepsOf(sheet);
  const turnText = useTurnText(sheet);
  const [at, setAt] = useState(0);
  const current = steps[at];
  const next = () => (at >= steps.length - 1 ? onDone() : setAt(at + 1));
  const string = current && sheet.strings[current.string];
  const hear = () => {
    if (string) void playTone(string.hz, TONE_S);
  };
  useKeys(
    RETUNE_KEYS,
    { next, previous: () => setAt(Math.max(0, at - 1)), hear },
    inDialog ? "dialog" : "page",
  );

  if (!current || !string || sheet.order.length === 0) {
    return <p className="text-lg">Nothing to turn.</p>;
  }
  return (
    <div className="grid gap-x-8 gap-y-4 lg:grid-cols-[minmax(0,1fr)_minmax(0,1.15fr)]">
      <div className="space-y-3">
        <CurrentStep
          step={current}
          string={string}
          strings={sheet.strings.length}
          turnText={turnText(current)}
          isLast={at === steps.length - 1}
          onHear={hear}
          onNext={next}
        />
        <Remarks guitar={guitar} sheet={sheet} />
        {children}
      </div>
      <div>
        <StepList
          title="Turn, in this order"
          sheet={sheet}
          steps={steps}
          pass="turn"
          at={at}
          onGo={setAt}
        />
        <StepList
          title={
            guitar.bridge === "fixed"
              ? "Then go once more around all strings"
              : "Then keep going around until no string has moved"
          }
          sheet={sheet}
          steps={steps}
          pass="again"
          at={at}
          onGo={setAt}
        />
      </div>
    </div>
  );
}

/** What a step turns its string from and to, each spelled in the key of its tuning. */
function useTurnText({ strings }: RetuneSheet): (step: Step) => string {
  const names = useNames();
  const from = names.strings(strings.map((string) => string.from));
  const to = names.strings(strings.map((string) => string.to));
  return ({ pass, string }) =>
    pass === "turn" ? `${from[string] ?? ""} → ${to[string] ?? ""}` : (to[string] ?? "");
}

function stepsOf(sheet: RetuneSheet): readonly Step[] {
  return [
    ...sheet.order.map((string): Step => ({
      pass: "turn",
      string,
      check: sheet.strings[string]?.check ?? null,
    })),
    ...sheet.secondPass.map(({ string, check }): Step => ({ pass: "again", string, check })),
  ];
}

interface CurrentStepProps {
  readonly step: Step;
  readonly string: RetunedString;
  readonly strings: number;
  readonly turnText: string;
  readonly isLast: boolean;
  readonly onHear: () => void;
  readonly onNext: () => void;
}

/** The one thing to do now, readable from a metre away. */
function CurrentStep(props: CurrentStepProps) {
  const { step, string, strings, turnText, isLast, onHear, onNext } = props;
  return (
    <section aria-live="polite" aria-label="Now" className="panel p-4">
      <p className="flex flex-wrap items-baseline gap-x-4">
        <span className="text-3xl font-bold">String {strings - step.string}</span>
        <span className="figures text-3xl font-bold">
          <NoteText>{turnText}</NoteText>
        </span>
        <span className="figures text-xl text-muted">{string.hz.toFixed(2)} Hz</span>
      </p>
      <p className="mt-1 text-xl">
        {step.pass === "turn" ? capitalTurn(string) : "Check it, and correct what has moved."}
      </p>
      <p className="text-lg text-muted">{checkText(step.check, step.string, strings)}</p>
      <div className="mt-3 flex flex-wrap gap-2">
        <button type="button" autoFocus className="button button-primary text-lg" onClick={onNext}>
          {isLast ? (
            <Check size={20} aria-hidden="true" />
          ) : (
            <ChevronRight size={20} aria-hidden="true" />
          )}
          {isLast ? "It’s in tune" : "Next string"}
        </button>
        <button type="button" className="button text-lg" onClick={onHear}>
          <Volume2 size={20} aria-hidden="true" />
          Hear it
          <kbd className="key-cap">H</kbd>
        </button>
      </div>
    </section>
  );
}

function capitalTurn(string: RetunedString): string {
  const text = turnText(string);
  return `${text.charAt(0).toUpperCase()}${text.slice(1)}.`;
}

/** What to know first: cautions, what the bridge does, and how the pull on the neck changes. */
function Remarks({ guitar, sheet }: { readonly guitar: Guitar; readonly sheet: RetuneSheet }) {
  const strings = sheet.strings.length;
  const notes = [
    guitar.capo > 0 ? "Take the capo off first." : null,
    BEFORE[guitar.bridge],
    `Pull of all strings: ${pullText(sheet.pull)}.`,
  ].filter((note) => note !== null);
  return (
    <>
      {sheet.warnings.length > 0 && (
        <ul className="space-y-1.5" aria-label="Caution">
          {sheet.warnings.map((warning) => (
            <li
              key={warning.kind + ("string" in warning ? warning.string : "")}
              className="flex gap-2"
            >
              <TriangleAlert
                size={20}
                aria-hidden="true"
                className="mt-0.5 shrink-0 text-warning"
              />
              {warningText(warning, strings)}
            </li>
          ))}
        </ul>
      )}
      <ul className="space-y-1 text-muted">
        {notes.map((note) => (
          <li key={note}>{note}</li>
        ))}
      </ul>
    </>
  );
}

interface StepListProps {
  readonly title: string;
  readonly sheet: RetuneSheet;
  readonly steps: readonly Step[];
  readonly pass: Step["pass"];
  readonly at: number;
  readonly onGo: (at: number) => void;
}

function StepList({ title, sheet, steps, pass, at, onGo }: StepListProps) {
  const turnText = useTurnText(sheet);
  const strings = sheet.strings.length;
  return (
    <section aria-label={title} className="mb-4">
      <h2 className="mb-1 text-lg font-semibold">{title}</h2>
      <ol className="border-t border-line">
        {steps.map((step, index) => {
          const string = sheet.strings[step.string];
          if (step.pass !== pass || !string) return null;
          const isDone = index < at;
          return (
            <li key={index}>
              <button
                type="button"
                aria-current={index === at ? "step" : undefined}
                aria-label={`String ${strings - step.string}${isDone ? ", done" : ""}`}
                onClick={() => onGo(index)}
                className={`grid min-h-11 w-full grid-cols-[1.25rem_1.5rem_6rem_1fr] items-center gap-x-2 border-b border-l-4 border-b-line px-2 text-left hover:bg-picked ${index === at ? "border-l-root bg-picked" : "border-l-transparent"}`}
              >
                {isDone ? <Check size={18} aria-hidden="true" className="text-muted" /> : <span />}
                <span className="figures text-lg font-semibold">{strings - step.string}</span>
                <span className="figures text-lg whitespace-nowrap">
                  <NoteText>{turnText(step)}</NoteText>
                </span>
                <span className="text-[15px] leading-tight text-muted">
                  {pass === "turn" && (
                    <span className="figures mr-2 whitespace-nowrap text-ink">
                      {tensionText(string)}
                    </span>
                  )}
                  {checkText(step.check, step.string, strings)}
                </span>
              </button>
            </li>
          );
        })}
      </ol>
    </section>
  );
}

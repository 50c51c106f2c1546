import { useInstrument, useSettings, useView } from "@/session";
import { MARK_LABELS, SPACINGS, type MarkLabel, type Spacing } from "@/state";
import { ChoiceButton } from "@/ui/controls";

const LABEL_NAMES: Readonly<Record<MarkLabel, string>> = {
  degree: "Degree",
  note: "Note",
  finger: "Finger",
  fret: "Fret",
  octave: "Octave",
};

const SPACING_NAMES: Readonly<Record<Spacing, string>> = { true: "As they lie", even: "Even" };

/** How the neck is drawn, and on which strings the map is shown. */
export function ViewOptions() {
  const { view, show } = useView();
  const { settings, set } = useSettings();
  const { hints } = settings;
  const { neck } = useInstrument();
  const { labels, spacing, thickOnTop, mapStrings } = view;
  const strings = neck.midi.length;
  const all = neck.midi.map((_, string) => string);
  const shown = mapStrings?.filter((string) => string < strings) ?? all;
  const toggle = (string: number) => {
    const next = all.filter((each) => shown.includes(each) !== (each === string));
    show({ mapStrings: next.length === strings ? null : next });
  };
  return (
    <div
      role="group"
      aria-label="View"
      className="panel flex basis-full flex-wrap items-end gap-x-4 gap-y-3 p-3"
    >
      <Options label="Marks show">
        {MARK_LABELS.map((option) => (
          <ChoiceButton
            key={option}
            pressed={option === labels}
            onPress={() => show({ labels: option })}
            className="px-2.5"
          >
            {LABEL_NAMES[option]}
          </ChoiceButton>
        ))}
      </Options>
      <Options label="Map on strings">
        {all.toReversed().map((string) => (
          <ChoiceButton
            key={string}
            pressed={shown.includes(string)}
            label={`Map on string ${strings - string}`}
            onPress={() => toggle(string)}
            className="figures min-w-10"
          >
            {strings - string}
          </ChoiceButton>
        ))}
      </Options>
      <Options label="Frets">
        {SPACINGS.map((option) => (
          <ChoiceButton
            key={option}
            pressed={option === spacing}
            onPress={() => show({ spacing: option })}
            className="px-2.5"
          >
            {SPACING_NAMES[option]}
          </ChoiceButton>
        ))}
      </Options>
      <Options label="Thick string">
        <ChoiceButton
          pressed={!thickOnTop}
          onPress={() => show({ thickOnTop: false })}
          className="px-2.5"
        >
          Below, as on charts
        </ChoiceButton>
        <ChoiceButton
          pressed={thickOnTop}
          onPress={() => show({ thickOnTop: true })}
          className="px-2.5"
        >
          On top, as you look
        </ChoiceButton>
      </Options>
      <Options label="Hints">
        <ChoiceButton pressed={hints} onPress={() => set({ hints: !hints })} className="px-2.5">
          Show hints
        </ChoiceButton>
      </Options>
    </div>
  );
}

interface OptionsProps {
  readonly label: string;
  readonly children: React.ReactNode;
}

function Options({ label, children }: OptionsProps) {
  return (
    <div role="group" aria-label={label}>
      <span className="field-label">{label}</span>
      <div className="flex flex-wrap gap-0.5">{children}</div>
    </div>
  );
}

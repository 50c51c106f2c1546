import { ChoiceButton } from "@/ui/controls";

interface OptionsProps<T extends string | number | boolean> {
  readonly label: string;
  readonly options: readonly (readonly [value: T, name: string])[];
  readonly isPressed: (value: T) => boolean;
  readonly onPress: (value: T) => void;
}

/** A question with its answers side by side. */
export function Options<T extends string | number | boolean>(props: OptionsProps<T>) {
  const { label, options, isPressed, onPress } = props;
  return (
    <div role="group" aria-label={label}>
      <span className="field-label" aria-hidden="true">
        {label}
      </span>
      <div className="flex flex-wrap gap-1">
        {options.map(([value, name]) => (
          <ChoiceButton
            key={String(value)}
            pressed={isPressed(value)}
            onPress={() => onPress(value)}
            className="px-3.5"
          >
            {name}
          </ChoiceButton>
        ))}
      </div>
    </div>
  );
}

import { useState } from "react";
import { SlidersHorizontal, X } from "lucide-react";
import { NO_FILTER, type GripFilter, type GripOrder } from "@/core/listing";
import { ChoiceButton } from "@/ui/controls";
import { activeConditions, conditionText, ORDER_NAMES, withoutCondition } from "./listingWords";

interface ListControlsProps {
  readonly order: GripOrder;
  readonly filter: GripFilter;
  readonly strings: number;
  readonly frets: number;
  readonly orders: readonly GripOrder[];
  /** The note on the neck that was tapped last; grips may be asked to hold it. */
  readonly tapped: GripFilter["through"];
  readonly onOrder: (order: GripOrder) => void;
  readonly onFilter: (filter: GripFilter) => void;
}

/** Frets in one position of the hand. */
const REGION_FRETS = 5;

/** How the list of grips is ordered, and what it leaves out; stands in a wrapping row. */
export function ListControls(props: ListControlsProps) {
  const { order, orders, filter, strings, onOrder, onFilter } = props;
  const [isOpen, setIsOpen] = useState(false);
  const active = activeConditions(filter);
  return (
    <>
      <div className="flex flex-wrap gap-2 sm:ml-auto">
        <select
          aria-label="Order of the grips"
          className="field"
          value={order}
          onChange={({ target }) => onOrder(target.value as GripOrder)}
        >
          {orders.map((each) => (
            <option key={each} value={each}>
              {ORDER_NAMES[each]}
            </option>
          ))}
        </select>
        <button
          type="button"
          className="button"
          aria-expanded={isOpen}
          aria-controls="grip-filters"
          onClick={() => setIsOpen(!isOpen)}
        >
          <SlidersHorizontal size={18} aria-hidden="true" />
          Filter
        </button>
        {active.map((name) => (
          <button
            key={name}
            type="button"
            className="button button-primary px-3"
            aria-label={`Drop: ${conditionText(filter, name, strings)}`}
            onClick={() => onFilter(withoutCondition(filter, name))}
          >
            {conditionText(filter, name, strings)}
            <X size={16} aria-hidden="true" />
          </button>
        ))}
      </div>
      {isOpen && <FilterFields {...props} />}
    </>
  );
}

function FilterFields({ filter, strings, frets, tapped, onFilter }: ListControlsProps) {
  const set = (part: Partial<GripFilter>) => onFilter({ ...filter, ...part });
  const regions = Array.from({ length: Math.ceil(frets / REGION_FRETS) }, (_, index) => {
    const lowest = index * REGION_FRETS + 1;
    return [lowest, Math.min(lowest + REGION_FRETS - 1, frets)] as const;
  });
  // The handles on the neck set any range.
  const isOwnRange =
    filter.frets !== null && !regions.some((region) => region.join() === filter.frets?.join());
  return (
    <div
      id="grip-filters"
      role="group"
      aria-label="Filters"
      className="panel flex basis-full flex-wrap items-end gap-2 p-3"
    >
      <ChoiceButton
        pressed={filter.strumSafe}
        onPress={() => set({ strumSafe: !filter.strumSafe })}
        className="px-3"
      >
        Strum-safe
      </ChoiceButton>
      <ChoiceButton
        pressed={filter.comfortable}
        onPress={() => set({ comfortable: !filter.comfortable })}
        className="px-3"
      >
        Comfortable reach
      </ChoiceButton>
      {tapped && (
        <ChoiceButton
          pressed={filter.through !== null}
          onPress={() => set({ through: filter.through ? null : tapped })}
          className="px-3"
        >
          {`With string ${strings - tapped.string} at ${tapped.fret}`}
        </ChoiceButton>
      )}
      <Choice
        label="Open strings"
        value={filter.openStrings}
        options={[
          ["any", "any"],
          ["with", "with"],
          ["without", "without"],
        ]}
        onChange={(openStrings) => set({ openStrings })}
      />
      <Choice
        label="Bars"
        value={filter.barre}
        options={[
          ["any", "any"],
          ["with", "with"],
          ["without", "without"],
        ]}
        onChange={(barre) => set({ barre })}
      />
      <Choice
        label="Lowest note on"
        value={String(filter.bassString)}
        options={[
          ["null", "any string"],
          ...Array.from({ length: strings }, (_, string): readonly [string, string] => [
            String(string),
            `string ${strings - string}`,
          ]),
        ]}
        onChange={(value) => set({ bassString: readNumber(value) })}
      />
      <Choice
        label="Frets"
        value={filter.frets?.join() ?? "null"}
        options={[
          ["null", "all"],
          ...(isOwnRange
            ? [[filter.frets?.join() ?? "", filter.frets?.join(" to ") ?? ""] as const]
            : []),
          ...regions.map(([low, high]): readonly [string, string] => [
            `${low},${high}`,
            `${low} to ${high}`,
          ]),
        ]}
        onChange={(value) =>
          set({ frets: regions.find((region) => region.join() === value) ?? null })
        }
      />
      <Choice
        label="Notes"
        value={String(filter.notes)}
        options={[
          ["null", "any number"],
          ...Array.from({ length: strings }, (_, index): readonly [string, string] => [
            String(index + 1),
            String(index + 1),
          ]),
        ]}
        onChange={(value) => set({ notes: readNumber(value) })}
      />
      <Choice
        label="Fingers"
        value={String(filter.mostFingers)}
        options={[
          ["null", "any"],
          ["1", "one"],
          ["2", "at most 2"],
          ["3", "at most 3"],
        ]}
        onChange={(value) => set({ mostFingers: readNumber(value) })}
      />
      <button type="button" className="button" onClick={() => onFilter(NO_FILTER)}>
        Clear
      </button>
    </div>
  );
}

interface ChoiceProps<Value extends string> {
  readonly label: string;
  readonly value: Value;
  readonly options: readonly (readonly [Value, string])[];
  readonly onChange: (value: Value) => void;
}

function Choice<Value extends string>({ label, value, options, onChange }: ChoiceProps<Value>) {
  return (
    <label>
      <span className="field-label">{label}</span>
      <select
        className="field"
        value={value}
        onChange={({ target }) => onChange(target.value as Value)}
      >
        {options.map(([option, name]) => (
          <option key={option} value={option}>
            {name}
          </option>
        ))}
      </select>
    </label>
  );
}

function readNumber(value: string): number | null {
  return value === "null" ? null : Number(value);
}

import { NO_FILTER, type GripFilter } from "@/core/listing";
import { ChoiceButton, SelectField } from "@/ui/controls";

interface FilterFieldsProps {
  readonly filter: GripFilter;
  readonly strings: number;
  readonly frets: number;
  /** The note on the neck that was tapped last; grips may be asked to hold it. */
  readonly tapped: GripFilter["through"];
  readonly onFilter: (filter: GripFilter) => void;
}

/** Frets in one position of the hand. */
const REGION_FRETS = 5;

/** Every condition a grip can be filtered by. */
export function FilterFields({ filter, strings, frets, tapped, onFilter }: FilterFieldsProps) {
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
      <SelectField
        label="Open strings"
        value={filter.openStrings}
        options={[
          ["any", "any"],
          ["with", "with"],
          ["without", "without"],
        ]}
        onChange={(openStrings) => set({ openStrings })}
      />
      <SelectField
        label="Bars"
        value={filter.barre}
        options={[
          ["any", "any"],
          ["with", "with"],
          ["without", "without"],
        ]}
        onChange={(barre) => set({ barre })}
      />
      <SelectField
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
      <SelectField
        label="Lowest note"
        value={filter.lowestNote}
        options={[
          ["any", "any"],
          ["root", "the root"],
          ["fifth", "the fifth"],
        ]}
        onChange={(lowestNote) => set({ lowestNote })}
      />
      <SelectField
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
      <SelectField
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
      <SelectField
        label="Fingers"
        value={String(filter.maxFingers)}
        options={[
          ["null", "any"],
          ["1", "one"],
          ["2", "at most 2"],
          ["3", "at most 3"],
        ]}
        onChange={(value) => set({ maxFingers: readNumber(value) })}
      />
      <button type="button" className="button" onClick={() => onFilter(NO_FILTER)}>
        Clear
      </button>
    </div>
  );
}

function readNumber(value: string): number | null {
  return value === "null" ? null : Number(value);
}

import { type SearchLimits } from "@/core/compare";
import { type Midi } from "@/core/pitch";
import { ChoiceButton, SelectField } from "@/ui/controls";
import { useNames } from "@/ui/names";
import { withSigns } from "@/ui/text";

/** What a player may ask of a search; `isSafe` stands for the tension limits of the rig. */
export interface RequestedLimits extends Omit<SearchLimits, "tension"> {
  readonly isSafe: boolean;
  readonly withCatalogue: boolean;
  /** Leaves out tunings with a string turned for nothing. */
  readonly onlyGainful: boolean;
}

interface SearchLimitsFieldsProps {
  readonly from: readonly Midi[];
  readonly limits: RequestedLimits;
  readonly onLimits: (limits: RequestedLimits) => void;
}

const MAX_SEMITONES = 7;
/** Semitones below the lowest string that may be asked as the lowest note. */
const DEEPEST = 7;

/** How far a search goes. */
export function SearchLimitsFields({ from, limits, onLimits }: SearchLimitsFieldsProps) {
  const { pitch } = useNames();
  const set = (part: Partial<RequestedLimits>) => onLimits({ ...limits, ...part });
  const all = from.map((_, string) => string);
  const movable = limits.movable ?? all;
  const toggle = (string: number) => {
    const next = all.filter((each) => movable.includes(each) !== (each === string));
    set({ movable: next.length === all.length ? null : next });
  };
  const lowest = Math.min(...from);
  return (
    <>
      <SelectField
        label="Down by up to"
        value={limits.down}
        options={optionsOf(range(0, MAX_SEMITONES), semitonesText)}
        onChange={(down) => set({ down })}
      />
      <SelectField
        label="Up by up to"
        value={limits.up}
        options={optionsOf(range(0, MAX_SEMITONES), semitonesText)}
        onChange={(up) => set({ up })}
      />
      <SelectField
        label="Strings turned, at most"
        value={limits.maxTurned ?? from.length}
        options={optionsOf(range(1, from.length), (count) =>
          count === from.length ? "all" : String(count),
        )}
        onChange={(count) => set({ maxTurned: count === from.length ? null : count })}
      />
      <SelectField
        label="Lowest string, at least"
        value={limits.lowest ?? 0}
        options={[
          [0, "any"],
          ...optionsOf(range(lowest - DEEPEST, lowest), (midi) => withSigns(pitch(midi))),
        ]}
        onChange={(midi) => set({ lowest: midi === 0 ? null : midi })}
      />
      <div role="group" aria-label="Strings that may move">
        <span className="field-label">Strings that may move</span>
        <div className="flex gap-0.5">
          {all.map((string) => (
            <ChoiceButton
              key={string}
              pressed={movable.includes(string)}
              label={`String ${from.length - string} may move`}
              onPress={() => toggle(string)}
              className="figures min-w-10"
            >
              {from.length - string}
            </ChoiceButton>
          ))}
        </div>
      </div>
      <ChoiceButton
        pressed={limits.isSafe}
        onPress={() => set({ isSafe: !limits.isSafe })}
        className="px-3"
      >
        Safe tension only
      </ChoiceButton>
      <ChoiceButton
        pressed={limits.withCatalogue}
        onPress={() => set({ withCatalogue: !limits.withCatalogue })}
        className="px-3"
      >
        Include known tunings
      </ChoiceButton>
      <ChoiceButton
        pressed={limits.onlyGainful}
        onPress={() => set({ onlyGainful: !limits.onlyGainful })}
        className="px-3"
      >
        No string turned without gain
      </ChoiceButton>
    </>
  );
}

/** Numbers to choose from, each with its text. */
function optionsOf(
  values: readonly number[],
  text: (value: number) => string,
): readonly (readonly [number, string])[] {
  return values.map((value) => [value, text(value)] as const);
}

function range(low: number, high: number): readonly number[] {
  return Array.from({ length: high - low + 1 }, (_, index) => low + index);
}

function semitonesText(count: number): string {
  return count === 0 ? "not at all" : count === 1 ? "1 half step" : `${count} half steps`;
}

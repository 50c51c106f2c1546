import { memo } from "react";
import { type Grip } from "@/core/grip";
import { NO_FILTER, type GripFilter, type Loosening } from "@/core/listing";
import { GripList } from "@/ui/grip";
import { NoteText, spokenNotes } from "@/ui/text";
import { ListControls } from "./ListControls";
import { conditionText, ORDER_NAMES, withoutCondition } from "./listingWords";
import { NamingButton } from "./NamingButton";
import { type GripsState } from "./useGrips";
import { type ListingState } from "./useListing";

interface GripColumnProps {
  readonly answer: GripsState;
  /** Whether a grip is in front; with the map alone none is chosen. */
  readonly inFront: boolean;
  readonly lister: ListingState;
  readonly onTake: (grip: Grip) => void;
}

/** Every grip of the chord, in the order asked, and what it leaves out. */
export const GripColumn = memo(function GripColumn(props: GripColumnProps) {
  const { answer, inFront, lister, onTake } = props;
  const { map, grips, total, passed, tooMany, loosenings, index } = answer;
  const { neck, root, tuningName, chordName } = map;
  const { listing, list } = lister;
  return (
    <section aria-labelledby="grips-title">
      <div className="mb-2 flex flex-wrap items-center gap-x-3 gap-y-2">
        <h2 id="grips-title" className="text-xl font-semibold">
          <NoteText>{`${chordName} in ${tuningName}`}</NoteText>
        </h2>
        <p className="text-muted" aria-live="polite">
          {tooMany ? TOO_MANY : countText(passed, total)}
        </p>
        <NamingButton map={map} />
        {total > 0 && <ListControls neck={neck} lister={lister} />}
      </div>
      {grips.length === 0 && total > 0 && (
        <Loosenings
          loosenings={loosenings}
          total={total}
          filter={listing.filter}
          strings={neck.midi.length}
          onFilter={(filter) => list({ filter })}
        />
      )}
      {grips.length > 0 && (
        <GripList
          grips={grips}
          root={root}
          chosen={inFront ? index : -1}
          onChoose={onTake}
          label={`Grips of ${spokenNotes(chordName)}, ${ORDER_NAMES[listing.order]}`}
        />
      )}
    </section>
  );
});

interface LooseningsProps {
  readonly loosenings: readonly Loosening[];
  readonly total: number;
  readonly filter: GripFilter;
  readonly strings: number;
  readonly onFilter: (filter: GripFilter) => void;
}

/** Where nothing passes: which condition to drop, and what that brings back. */
function Loosenings({ loosenings, total, filter, strings, onFilter }: LooseningsProps) {
  return (
    <div className="flex flex-wrap gap-2">
      {loosenings.map(({ filter: name, count }) => (
        <button
          key={name}
          type="button"
          className="button"
          onClick={() => onFilter(withoutCondition(filter, name))}
        >
          {`Without “${conditionText(filter, name, strings)}”: ${count}`}
        </button>
      ))}
      {loosenings.length === 0 && (
        <button type="button" className="button" onClick={() => onFilter(NO_FILTER)}>
          {`Without any filter: ${total}`}
        </button>
      )}
    </div>
  );
}

const TOO_MANY = "too many grips to list; ask for more strings";

/** How many grips there are. */
function countText(count: number, total: number): string {
  if (total === 0) return "no playable grip; try another voicing or tuning";
  return count < total
    ? `${count} of ${total} playable grips`
    : `${total} playable ${total === 1 ? "grip" : "grips"}`;
}

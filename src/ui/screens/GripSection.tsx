import { memo } from "react";
import { Pin as PinIcon, PinOff } from "lucide-react";
import { type Manner } from "@/audio";
import { type Grip } from "@/core/grip";
import { type Fingering } from "@/core/hand";
import {
  NO_FILTER,
  type GripFilter,
  type GripOrder,
  type Listing,
  type Loosening,
} from "@/core/listing";
import {
  conditionText,
  EffortParts,
  FingerChoice,
  FretText,
  GripDiagram,
  GripList,
  ListControls,
  ORDER_NAMES,
  PreferenceParts,
  withoutCondition,
} from "@/ui/grip";
import { HearBar } from "@/ui/hear";
import { NoteText, spokenNotes } from "@/ui/text";
import { GripReasons } from "./GripReasons";
import { type GripAnswer } from "./useGrips";

interface GripSectionProps {
  readonly answer: GripAnswer;
  /** Whether a grip is in front; with the map alone none is chosen. */
  readonly inFront: boolean;
  readonly isCurrent: boolean;
  readonly pinned: boolean;
  readonly onTake: (grip: Grip, way?: Fingering) => void;
  readonly onTogglePin: () => void;
  readonly listing: Listing;
  /** The orders that make sense now. */
  readonly orders: readonly GripOrder[];
  /** The note on the neck that was tapped last. */
  readonly tapped: GripFilter["through"];
  readonly onList: (part: Partial<Pick<Listing, "filter" | "order">>) => void;
  readonly thickOnTop: boolean;
  readonly sounding: Manner | null;
  readonly onHear: (manner: Manner) => void;
}

/** Beside each other: every grip of the chord, and the chosen one close up with its reasons. */
export const GripSection = memo(function GripSection(props: GripSectionProps) {
  const { answer, inFront, isCurrent, pinned, onTake, onTogglePin } = props;
  const { listing, orders, tapped, onList, thickOnTop, sounding, onHear } = props;
  const { map, grips, total, passed, tooMany, loosenings, index, grip, ways, fingering } = answer;
  const { neck, root, names, leftHanded, tuningName, chordName } = map;
  const [usual] = grips;
  return (
    <div
      className="grid gap-x-6 gap-y-5 md:grid-cols-2 xl:grid-cols-[minmax(0,1.12fr)_minmax(0,1fr)_minmax(0,0.75fr)]"
      aria-busy={!isCurrent}
    >
      <section aria-labelledby="grips-title">
        <div className="mb-2 flex flex-wrap items-center gap-x-3 gap-y-2">
          <h2 id="grips-title" className="text-xl font-semibold">
            <NoteText>{`${chordName} in ${tuningName}`}</NoteText>
          </h2>
          <p className="text-muted" aria-live="polite">
            <NoteText>
              {tooMany
                ? TOO_MANY
                : countText(passed, total, names.shift === 0 ? undefined : usual?.name)}
            </NoteText>
          </p>
          {total > 0 && (
            <ListControls
              order={listing.order}
              filter={listing.filter}
              strings={neck.midi.length}
              frets={neck.frets}
              orders={orders}
              tapped={tapped}
              onOrder={(order) => onList({ order })}
              onFilter={(filter) => onList({ filter })}
            />
          )}
        </div>
        {grips.length === 0 && total > 0 && (
          <Loosenings
            loosenings={loosenings}
            total={total}
            filter={listing.filter}
            strings={neck.midi.length}
            onFilter={(filter) => onList({ filter })}
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

      {grip && fingering && (
        <>
          <section aria-labelledby="grip-title" className="space-y-2">
            <div className="flex flex-wrap items-center justify-between gap-2">
              <h2 id="grip-title" className="text-2xl font-semibold">
                <FretText fretting={grip.fretting} />
              </h2>
              <PinButton isPinned={pinned} isReady={inFront} onToggle={onTogglePin} />
            </div>
            <div className="flex justify-center">
              <GripDiagram
                neck={neck}
                root={root}
                grip={{ fingering, tones: grip.tones }}
                labels="finger"
                pitch={neck.midi.length > 7 ? 19 : 24}
                leftHanded={leftHanded}
                thickOnTop={thickOnTop}
                growth={1.15}
                explained={fingering}
                label={`${spokenNotes(grip.name)} close up`}
              />
            </div>
            <HearBar sounding={sounding} onHear={onHear} />
          </section>
          <section
            aria-label="Fingers and effort"
            className="grid content-start gap-x-6 gap-y-3 md:max-xl:col-span-2 md:max-xl:grid-cols-3"
          >
            {/* The other ways follow a moment later; their room is kept. */}
            <div className="min-h-33 md:max-xl:min-h-0">
              <FingerChoice ways={ways} chosen={fingering} onChoose={(way) => onTake(grip, way)} />
            </div>
            <EffortParts fingering={fingering} />
            <PreferenceParts preference={grip.preference} />
          </section>
        </>
      )}
      {grip && fingering && (
        <GripReasons neck={neck} player={map.player} pitch={names.pitch} fingering={fingering} />
      )}
    </div>
  );
});

interface PinButtonProps {
  readonly isPinned: boolean;
  readonly isReady: boolean;
  readonly onToggle: () => void;
}

function PinButton({ isPinned, isReady, onToggle }: PinButtonProps) {
  const Icon = isPinned ? PinOff : PinIcon;
  return (
    <button type="button" className="button button-primary" onClick={onToggle} disabled={!isReady}>
      <Icon size={20} aria-hidden="true" />
      {isPinned ? "Unpin this grip" : "Pin this grip"}
    </button>
  );
}

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

/** How many grips there are, and what sounds where the chord is called by its shape. */
function countText(count: number, total: number, sounding: string | undefined): string {
  if (total === 0) return "no playable grip; try another stack or tuning";
  const grips =
    count < total
      ? `${count} of ${total} playable grips`
      : `${total} playable ${total === 1 ? "grip" : "grips"}`;
  return sounding === undefined ? grips : `sounds ${sounding}, ${grips}`;
}

import { useState } from "react";
import { SlidersHorizontal, X } from "lucide-react";
import { type GripOrder } from "@/core/listing";
import { type Neck } from "@/core/neck";
import { useSettings, useView } from "@/session";
import { ChoiceButton, onDemand } from "@/ui/controls";
import { activeConditions, conditionText, ORDER_NAMES, withoutCondition } from "./listingWords";
import { type ListingState } from "./useListing";

interface ListControlsProps {
  readonly neck: Neck;
  readonly lister: ListingState;
}

const FilterFields = onDemand("The filter", () =>
  import("./FilterFields").then((part) => part.FilterFields),
);

/** How the list of grips is ordered, and what it leaves out; part of a wrapping row. */
export function ListControls({ neck, lister }: ListControlsProps) {
  const { listing, orders, tapped, list } = lister;
  const { settings, set } = useSettings();
  const { view, show } = useView();
  const { order, filter } = listing;
  const strings = neck.midi.length;
  const [isOpen, setIsOpen] = useState(false);
  const active = activeConditions(filter);
  return (
    <>
      <div className="flex flex-wrap gap-2 sm:ml-auto">
        <ChoiceButton
          pressed={settings.keepsShape}
          label="Keep the chosen shape when the root changes"
          className="px-3"
          onPress={() => set({ keepsShape: !settings.keepsShape })}
        >
          Keep shape
        </ChoiceButton>
        {view.chosen && (
          <button
            type="button"
            className="button px-3"
            aria-label="Back to the first grip of the list"
            onClick={() => show({ chosen: null })}
          >
            Usual
          </button>
        )}
        <select
          aria-label="Order of the grips"
          className="field max-w-38"
          value={order}
          onChange={({ target }) => list({ order: target.value as GripOrder })}
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
            onClick={() => list({ filter: withoutCondition(filter, name) })}
          >
            {conditionText(filter, name, strings)}
            <X size={16} aria-hidden="true" />
          </button>
        ))}
      </div>
      {isOpen && (
        <FilterFields
          filter={filter}
          strings={strings}
          frets={neck.frets}
          tapped={tapped}
          onFilter={(next) => list({ filter: next })}
        />
      )}
    </>
  );
}

import dynamic from "next/dynamic";
import { useState } from "react";
import { SlidersHorizontal, X } from "lucide-react";
import { type GripOrder } from "@/core/listing";
import { type FilterFieldsProps } from "./FilterFields";
import { activeConditions, conditionText, ORDER_NAMES, withoutCondition } from "./listingWords";

interface ListControlsProps extends FilterFieldsProps {
  readonly order: GripOrder;
  readonly orders: readonly GripOrder[];
  readonly onOrder: (order: GripOrder) => void;
}

const FilterFields = dynamic(() => import("./FilterFields").then((part) => part.FilterFields));

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

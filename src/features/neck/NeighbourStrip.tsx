import { memo } from "react";
import { type Neighbour, type NeighbourKind } from "@/core/neighbours";
import { KeyCap } from "@/ui/controls";
import { FretText } from "@/ui/grip";
import { neighbourKey } from "./neckKeys";

interface NeighbourStripProps {
  readonly neighbours: readonly Neighbour[];
  readonly onTake: (neighbour: Neighbour) => void;
}

const NAMES: Readonly<Record<NeighbourKind, string>> = {
  "up the neck": "Up the neck",
  "down the neck": "Down the neck",
  "thinner strings": "Thinner strings",
  "thicker strings": "Thicker strings",
  inversion: "Inversion",
  "one note more": "One note more",
  "one note less": "One note less",
};

/** The grips one step from the chosen one, each with its key. */
export const NeighbourStrip = memo(function NeighbourStrip(props: NeighbourStripProps) {
  const { neighbours, onTake } = props;
  return (
    <section aria-labelledby="neighbours-title">
      <h2 id="neighbours-title" className="mb-2 text-lg font-semibold">
        One step away
      </h2>
      <div className="flex flex-wrap gap-2">
        {neighbours.map((neighbour) => (
          <button
            key={neighbour.kind}
            type="button"
            className="button h-auto flex-col items-start gap-0 px-3 py-1.5"
            onClick={() => onTake(neighbour)}
            onMouseDown={(event) => event.preventDefault()}
          >
            <span className="flex items-center gap-2 text-[15px] text-muted">
              <KeyCap of={neighbourKey(neighbour.kind)} />
              {NAMES[neighbour.kind]}
            </span>
            <FretText fretting={neighbour.grip.fretting} />
          </button>
        ))}
      </div>
    </section>
  );
});

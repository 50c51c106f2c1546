import { useState } from "react";
import { ChartSpline } from "lucide-react";
import { type Midi } from "@/core/pitch";
import { onDemand } from "@/ui/controls";

const RoughnessChart = onDemand("The picture", () =>
  import("./RoughnessChart").then((part) => part.RoughnessChart),
);

interface RoughnessByGainProps {
  readonly pitches: readonly Midi[];
  /** Reference frequency of A4. */
  readonly a4Hz: number;
}

/** A button for the picture of roughness over gain; the picture is only loaded once asked for. */
export function RoughnessByGain({ pitches, a4Hz }: RoughnessByGainProps) {
  const [isOpen, setIsOpen] = useState(false);
  return (
    <div className="mt-1">
      <button
        type="button"
        className="flex min-h-11 items-center gap-2 text-[16px] font-medium underline"
        aria-expanded={isOpen}
        onClick={() => setIsOpen(!isOpen)}
      >
        <ChartSpline size={18} aria-hidden="true" />
        Roughness as gain goes up
      </button>
      {isOpen && <RoughnessChart pitches={pitches} a4Hz={a4Hz} />}
    </div>
  );
}

import dynamic from "next/dynamic";
import { useState } from "react";
import { ChartSpline } from "lucide-react";
import { type Midi } from "@/core/pitch";

const RoughnessChart = dynamic(() =>
  import("./RoughnessChart").then((part) => part.RoughnessChart),
);

interface RoughnessByGainProps {
  readonly pitches: readonly Midi[];
  /** A pitch as this player calls it. */
  readonly pitch: (midi: Midi) => string;
}

/** A button for the picture of roughness over gain; the picture is only loaded once asked for. */
export function RoughnessByGain({ pitches, pitch }: RoughnessByGainProps) {
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
      {isOpen && <RoughnessChart pitches={pitches} pitch={pitch} />}
    </div>
  );
}

import { memo, useState, type ComponentType } from "react";
import { ChevronDown, Expand, Eye, Map as MapIcon, Share } from "lucide-react";
import { noteText } from "@/core/pitch";
import { voicingName, type DegreePosition } from "@/core/voicing";
import { ChordPicker, RootPicker } from "@/features/neck/voicing";
import { useView } from "@/session";
import { onDemand } from "@/ui/controls";
import { useNames } from "@/ui/names";
import { NoteText } from "@/ui/text";
import { type GripsState } from "./useGrips";

const MapPicker = onDemand("The map", () =>
  import("@/features/neck/voicing").then((part) => part.MapPicker),
);
const ViewOptions = onDemand("The view options", () =>
  import("./ViewOptions").then((part) => part.ViewOptions),
);
const SaveOptions = onDemand("Saving and printing", () =>
  import("./SaveOptions").then((part) => part.SaveOptions),
);

interface NeckToolsProps {
  readonly answer: GripsState | null;
  /** What the map shows. */
  readonly positions: readonly DegreePosition[];
}

const PANELS = ["map", "view", "save"] as const;
type Panel = (typeof PANELS)[number];
const PANEL_NAMES: Readonly<Record<Panel, string>> = {
  map: "What the map shows",
  view: "View",
  save: "Save or print",
};
const PANEL_ICONS: Readonly<Record<Panel, ComponentType<{ size: number }>>> = {
  map: MapIcon,
  view: Eye,
  save: Share,
};

/**
 * Everything above the neck in one row: root, voicing, and what opens on demand. On a phone root and voicing
 * open as well, so that the neck comes first.
 */
export const NeckTools = memo(function NeckTools({ answer, positions }: NeckToolsProps) {
  const { view, show } = useView();
  const [panel, setPanel] = useState<Panel | null>(null);
  const [isChordOpen, setIsChordOpen] = useState(false);
  const isOwnMap = view.mapped !== null || view.naturals;
  return (
    <div className="flex flex-wrap items-center gap-x-2 gap-y-2">
      <ChordButton isOpen={isChordOpen} onToggle={() => setIsChordOpen(!isChordOpen)} />
      <div
        className={`${isChordOpen ? "" : "hidden"} order-2 basis-full sm:order-1 sm:block sm:basis-auto`}
      >
        <RootPicker />
      </div>
      {/* Where both do not fit in one row, the voicings take the second. */}
      <div
        className={`${isChordOpen ? "" : "hidden"} order-3 basis-full sm:block xl:order-2 xl:basis-auto`}
      >
        <ChordPicker />
      </div>
      <div className="order-1 ml-auto flex gap-1 sm:order-2 xl:order-3">
        {PANELS.map((name) => {
          const Icon = PANEL_ICONS[name];
          return (
            <button
              key={name}
              type="button"
              className={`button px-2.5 ${name === "map" && isOwnMap ? "button-primary" : ""}`}
              aria-label={PANEL_NAMES[name]}
              aria-expanded={panel === name}
              onClick={() => setPanel(panel === name ? null : name)}
            >
              <Icon size={20} aria-hidden="true" />
            </button>
          );
        })}
        <button
          type="button"
          className="button px-2.5"
          aria-label="Stage view"
          onClick={() => show({ stage: true })}
        >
          <Expand size={20} aria-hidden="true" />
        </button>
      </div>
      {panel === "map" && (
        <div className="panel order-4 basis-full p-3">
          <MapPicker />
        </div>
      )}
      {panel === "view" && (
        <div className="order-4 basis-full">
          <ViewOptions />
        </div>
      )}
      {panel === "save" && (
        <div className="order-4 basis-full">
          <SaveOptions answer={answer} positions={positions} />
        </div>
      )}
    </div>
  );
});

/** On a phone: the current chord, which opens root and voicing. */
function ChordButton({ isOpen, onToggle }: { isOpen: boolean; onToggle: () => void }) {
  const { view } = useView();
  const { shownRoot } = useNames();
  const { voicing, minNotes } = view;
  const chordForm = minNotes === null ? voicingName(voicing) : "any voicing";
  return (
    <button
      type="button"
      className="button min-w-0 flex-1 justify-between px-3 text-lg sm:hidden"
      aria-expanded={isOpen}
      onClick={onToggle}
    >
      <span className="truncate">
        <NoteText>{`${noteText(shownRoot)}, ${chordForm}`}</NoteText>
      </span>
      <ChevronDown size={20} aria-hidden="true" className={isOpen ? "rotate-180" : ""} />
    </button>
  );
}

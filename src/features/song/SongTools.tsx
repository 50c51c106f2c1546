import {
  FileDown,
  FileText,
  KeyRound,
  Maximize2,
  Play,
  Ruler,
  Scale,
  SlidersHorizontal,
  Square,
  Waves,
} from "lucide-react";
import { useRouter } from "next/navigation";
import { useComparisonDocument, useTell } from "@/session";
import { type SongRoom } from "@/features/song/state";
import { type PanelName } from "@/features/song/state";

const PANELS: readonly (readonly [PanelName, string, typeof Ruler])[] = [
  ["limits", "Limits", Ruler],
  ["texture", "Texture", Waves],
  ["move", "Key", KeyRound],
];

interface SongToolsProps {
  readonly room: SongRoom;
  readonly onSheet: () => void;
  readonly onSave: () => void;
}

/** What can be done with the song. */
export function SongTools({ room, onSheet, onSave }: SongToolsProps) {
  const { document, view, plan, play } = room;
  const { setComparison } = useComparisonDocument();
  const router = useRouter();
  const tell = useTell();
  const hasRoute = plan.route !== null;
  const compare = async () => {
    try {
      const { comparisonOf } = await import("@/features/song/state");
      setComparison(comparisonOf(document.song, plan.arrangement, plan.guitar));
      router.push("/compare");
    } catch (error) {
      console.warn(error);
      tell({ text: "Compare could not be fetched. Is Tenon still running?" });
    }
  };
  return (
    <div className="flex flex-wrap gap-2">
      {PANELS.map(([panel, name, Icon]) => (
        <button
          key={panel}
          type="button"
          className={`button px-3 ${view.panel === panel ? "border-ink" : ""}`}
          aria-expanded={view.panel === panel}
          onClick={() => view.toggle(panel)}
        >
          <Icon size={18} aria-hidden="true" />
          {name}
        </button>
      ))}
      <button
        type="button"
        className="button px-3"
        disabled={!hasRoute}
        onClick={() => void compare()}
      >
        <Scale size={18} aria-hidden="true" />
        Tunings
      </button>
      <button type="button" className="button px-3" disabled={!hasRoute} onClick={onSheet}>
        <FileText size={18} aria-hidden="true" />
        Sheet
      </button>
      <button type="button" className="button px-3" disabled={!hasRoute} onClick={onSave}>
        <FileDown size={18} aria-hidden="true" />
        Save as
      </button>
      <button
        type="button"
        className="button px-3"
        disabled={!hasRoute}
        onClick={() => view.show({ isStage: true })}
      >
        <Maximize2 size={18} aria-hidden="true" />
        Stage
      </button>
      <button
        type="button"
        className={`button px-3 ${view.panel === "play" ? "border-ink" : ""}`}
        aria-label="How it plays"
        aria-expanded={view.panel === "play" || play.isPlaying}
        onClick={() => view.toggle("play")}
      >
        <SlidersHorizontal size={18} aria-hidden="true" />
      </button>
      <button
        type="button"
        className="button button-primary"
        disabled={!hasRoute}
        onClick={play.toggle}
      >
        {play.isPlaying ? (
          <Square size={18} aria-hidden="true" />
        ) : (
          <Play size={18} aria-hidden="true" />
        )}
        {play.isPlaying ? "Stop" : "Play along"}
      </button>
    </div>
  );
}

import { useState } from "react";
import { ChevronDown, Maximize2, Play, SlidersHorizontal, Square } from "lucide-react";
import { type SongRoom } from "@/features/song/state";
import { ActionMenu, type Action } from "@/ui/controls";
import { NoteText } from "@/ui/text";
import { WantedTuning } from "./WantedTuning";

interface SongHeaderProps {
  readonly room: SongRoom;
  /** The chart has no chords yet; only the name and the list of songs are shown. */
  readonly isBlank: boolean;
  readonly shape: readonly Action[];
  readonly share: readonly Action[];
}

/** The song's name, its facts and one row of controls. Rare controls are in menus. */
export function SongHeader({ room, isBlank, shape, share }: SongHeaderProps) {
  const { document, view, chart, plan, play } = room;
  const { song, set } = document;
  const hasRoute = plan.route !== null;
  return (
    <div className="flex flex-wrap items-center gap-x-3 gap-y-1.5">
      <div className="flex min-w-0 flex-1 items-center gap-1">
        <NameField key={song.name} name={song.name} onName={(name) => set({ name })} />
        <button
          type="button"
          className="button min-h-12 shrink-0 px-2.5 lg:min-h-11"
          aria-label="Your songs"
          aria-expanded={view.panel === "songs"}
          onClick={() => view.toggle("songs")}
        >
          <ChevronDown size={20} aria-hidden="true" />
        </button>
        <p
          className={`figures ml-1 shrink-0 text-[17px] text-muted max-sm:text-[15px] ${isBlank ? "hidden" : ""}`}
        >
          {chart.key !== null && (
            <span className="max-sm:hidden">
              <NoteText>{`${chart.key} · `}</NoteText>
            </span>
          )}
          {`${Math.round(plan.arrangement.tempoBpm)} bpm`}
        </p>
        <WantedTuning room={room} className="max-lg:hidden" />
      </div>
      <div className={`flex shrink-0 items-center gap-2 ${isBlank ? "hidden" : ""}`}>
        <button
          type="button"
          className={`button hidden px-3 lg:inline-flex ${view.panel === "edit" ? "border-ink" : ""}`}
          aria-expanded={view.panel === "edit"}
          onClick={() => view.toggle("edit")}
        >
          Edit
          <ChevronDown size={18} aria-hidden="true" />
        </button>
        <ActionMenu name="Shape it" actions={shape} className="hidden px-3 lg:inline-flex" />
        <ActionMenu name="Share" actions={share} className="hidden px-3 lg:inline-flex" />
        <button
          type="button"
          className={`button min-h-12 px-3 max-sm:hidden lg:min-h-11 ${view.panel === "play" ? "border-ink" : ""}`}
          aria-label="How it plays"
          aria-expanded={view.panel === "play"}
          onClick={() => view.toggle("play")}
        >
          <SlidersHorizontal size={20} aria-hidden="true" />
        </button>
        <button
          type="button"
          className="button min-h-12 px-3 max-sm:hidden lg:min-h-11"
          aria-label="Stage"
          disabled={!hasRoute}
          onClick={() => view.show({ isStage: true })}
        >
          <Maximize2 size={20} aria-hidden="true" />
        </button>
        <button
          type="button"
          className="button button-primary min-h-12 min-w-24 lg:min-h-11"
          disabled={!hasRoute}
          onClick={() => {
            view.show({ part: "play" });
            play.toggle();
          }}
        >
          {play.isPlaying ? (
            <Square size={18} aria-hidden="true" />
          ) : (
            <Play size={18} aria-hidden="true" />
          )}
          {play.isPlaying ? "Stop" : "Play"}
        </button>
      </div>
      <WantedTuning room={room} className="w-full lg:hidden" />
    </div>
  );
}

function NameField({
  name,
  onName,
}: {
  readonly name: string;
  readonly onName: (name: string) => void;
}) {
  const [draft, setDraft] = useState(name);
  const commit = () => {
    const next = draft.trim();
    if (next !== "" && next !== name) onName(next);
    else setDraft(name);
  };
  return (
    <input
      aria-label="Name of the song"
      className="min-h-11 max-w-full min-w-16 rounded-lg border border-transparent bg-transparent px-1 text-[21px] leading-tight font-bold text-ellipsis [field-sizing:content] hover:border-line sm:text-[28px]"
      value={draft}
      maxLength={60}
      spellCheck={false}
      onChange={({ target }) => setDraft(target.value)}
      onBlur={commit}
      onKeyDown={({ key, currentTarget }) => {
        if (key === "Enter") currentTarget.blur();
        if (key === "Escape") setDraft(name);
      }}
    />
  );
}

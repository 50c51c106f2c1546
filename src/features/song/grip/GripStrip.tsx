import { memo, useEffect, useRef } from "react";
import { type Arrangement, type SongRoute } from "@/core/arrangement";
import { type Neck } from "@/core/neck";
import { type Guitar } from "@/state";
import { NoteText, spokenNotes } from "@/ui/text";
import { SongGrip } from "./SongGrip";
import { stripOf } from "@/features/song/state";

interface GripStripProps {
  readonly arrangement: Arrangement;
  readonly route: SongRoute;
  readonly section: number;
  readonly chosen: number | null;
  readonly neck: Neck;
  readonly guitar: Guitar;
  readonly onChoose: (chord: number) => void;
}

const MARGIN_PX = 40;

/** The grips of a section in the order they are played, large enough for a metre. */
export const GripStrip = memo(function GripStrip(props: GripStripProps) {
  const { arrangement, route, section, chosen, neck, guitar, onChoose } = props;
  const shown = stripOf(arrangement, route, section);
  const list = useRef<HTMLOListElement>(null);
  useEffect(() => {
    const card = list.current?.querySelector<HTMLElement>("[aria-pressed=true]")?.parentElement;
    if (!list.current || !card) return;
    // Along the strip only; the page stays where it is.
    const { scrollLeft, clientWidth } = list.current;
    const [left, right] = [card.offsetLeft, card.offsetLeft + card.offsetWidth];
    if (left < scrollLeft || right > scrollLeft + clientWidth) {
      list.current.scrollLeft = left - MARGIN_PX;
    }
  }, [chosen, section]);
  if (shown.length === 0) return null;
  return (
    <ol
      ref={list}
      aria-label="Grips of the section"
      className="relative flex gap-2 overflow-x-auto pb-2"
    >
      {shown.map(({ chord: index, stop }) => {
        const chord = arrangement.chords[index];
        const fingering = route.timed.stops[stop]?.fingering;
        if (!chord || !fingering) return null;
        const isPinned = chord.marks.some(({ act }) => act === "pin");
        return (
          <li key={index} className="shrink-0">
            <button
              type="button"
              aria-pressed={index === chosen}
              aria-label={spokenNotes(
                `${chord.name}, bar ${chord.playedBar + 1}${isPinned ? ", pinned" : ""}`,
              )}
              className={`block w-44 rounded-lg border-2 bg-surface p-1.5 text-left ${index === chosen ? "border-root" : "border-line hover:border-ink"}`}
              onClick={() => onChoose(index)}
            >
              <span className="flex items-baseline justify-between px-0.5">
                <span className="text-2xl font-bold">
                  <NoteText>{chord.name}</NoteText>
                </span>
                <span className="figures text-[15px] text-muted">
                  {isPinned ? "pinned" : `bar ${chord.playedBar + 1}`}
                </span>
              </span>
              <SongGrip neck={neck} guitar={guitar} chord={chord} fingering={fingering} />
            </button>
          </li>
        );
      })}
    </ol>
  );
});

import { TriangleAlert } from "lucide-react";
import { type Blockage, type SongSettings } from "@/core/arrangement";
import { NoteText, tempoText } from "@/ui/text";
import { barWords, BLOCKER_WORDS, sectionName } from "@/features/song/state";

interface BlockedNoticeProps {
  readonly blockage: Blockage;
  readonly onLoosen: (settings: SongSettings) => void;
}

const MOST = 6;

/** Which chords have no grip, what forbids each, and what loosening would cost. */
export function BlockedNotice({ blockage, onLoosen }: BlockedNoticeProps) {
  const { chords, loosened } = blockage;
  if (chords.length === 0) return null;
  return (
    <div aria-live="polite" className="panel flex gap-3 border-warning p-3">
      <TriangleAlert size={22} aria-hidden="true" className="shrink-0 text-warning" />
      <div className="min-w-0 space-y-2">
        <ul className="space-y-0.5">
          {chords.slice(0, MOST).map(({ name, section, playedBar, by, isPossible }, index) => (
            <li key={index}>
              <NoteText>{`${name} (${sectionName(section)}, ${barWords(playedBar).toLowerCase()}) ${reason(by, isPossible)}`}</NoteText>
            </li>
          ))}
          {chords.length > MOST && <li>{`and ${chords.length - MOST} more`}</li>}
        </ul>
        <p className="text-[15px] text-muted">The route leaves them out; everything else stays.</p>
        <div className="flex flex-wrap gap-2">
          {loosened.map(({ without, settings, total, cleanTempoBpm }) => (
            <button
              key={without}
              type="button"
              className="button"
              onClick={() => onLoosen(settings)}
            >
              {`Without ${BLOCKER_WORDS[without]}: ${total.toFixed(1)} points, holds to ${tempoText(cleanTempoBpm)}`}
            </button>
          ))}
        </div>
      </div>
    </div>
  );
}

function reason(by: Blockage["chords"][number]["by"], isPossible: boolean): string {
  if (!isPossible) return "has no grip that your hand can hold in this tuning.";
  if (by.length === 0) return "is forbidden by several limits at once.";
  return `has no grip because of ${by.map((each) => BLOCKER_WORDS[each]).join(", or ")}.`;
}

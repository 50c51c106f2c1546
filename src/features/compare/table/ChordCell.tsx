import { ArrowUpRight } from "lucide-react";
import { type WeighedChord } from "@/core/compare";
import { EffortBar, fingersText, FretText, spokenFretting } from "@/ui/grip";
import { useNames } from "@/ui/names";
import { NoteText, spokenNotes } from "@/ui/text";
import { SmallGrip } from "./SmallGrip";
import { type Column } from "@/features/compare/results";

interface ChordCellProps {
  readonly column: Column;
  readonly weighed: WeighedChord;
  /** Only figures, where there is no room for a drawing. */
  readonly isCompact: boolean;
  /** Null on paper. */
  readonly onOpen: (() => void) | null;
}

/** A chord's best grip in one tuning; opens on the neck. */
export function ChordCell(props: ChordCellProps) {
  const { column, weighed, isCompact, onOpen } = props;
  const { pitch } = useNames();
  const { chord, grips } = weighed;
  const best = grips[0]?.grip;
  if (!best) {
    return (
      <p className="panel flex h-full min-h-14 items-center p-2.5 text-muted">cannot be played</p>
    );
  }
  const { tuning } = column;
  const { effort, fingers, damping } = best.best;
  const looks = "panel flex h-full w-full items-center gap-2.5 p-2 text-left";
  const content = (
    <>
      {!isCompact && <SmallGrip column={column} root={chord.root} grip={best} labels="finger" />}
      <span className="block min-w-0 flex-1 space-y-0.5 text-[16px]">
        <FretText fretting={best.fretting} />
        <EffortBar effort={effort} />
        {!isCompact && (
          <>
            <span className="figures block text-[15px] text-muted">
              {fingers.some((finger) => finger !== 0) ? `fingers ${fingersText(fingers)}` : "open"}
              {damping.strumSafe ? ", safe" : ""}
            </span>
            <span className="figures block text-[15px] text-muted">
              <NoteText>{best.midi.map(pitch).join(" ")}</NoteText>
            </span>
          </>
        )}
      </span>
    </>
  );
  if (!onOpen) return <div className={looks}>{content}</div>;
  return (
    <button
      type="button"
      aria-label={`${spokenNotes(chord.name)} in ${spokenNotes(tuning.name)}, ${spokenFretting(best.fretting)}, effort ${effort.toFixed(1)}: show it on the neck`}
      className={`${looks} group relative hover:border-ink`}
      onClick={onOpen}
    >
      {content}
      <ArrowUpRight
        size={16}
        aria-hidden="true"
        className="absolute top-1.5 right-1.5 text-muted opacity-0 group-hover:opacity-100 group-focus-visible:opacity-100"
      />
    </button>
  );
}

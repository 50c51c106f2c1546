import { nameTuning } from "@/core/tuning";
import { type TuningRun } from "@/core/song";
import { ChoiceButton } from "@/ui/controls";
import { NoteText } from "@/ui/text";
import { sectionName, type SongRoom } from "@/features/song/state";

/** For a song that needs more than one tuning: which part of it is shown, and when to change guitars. */
export function GuitarChanges({ room }: { readonly room: SongRoom }) {
  const { runs, run, view, play } = room;
  if (runs.length < 2) return null;
  return (
    <div className="flex flex-wrap items-center gap-2" data-guitar-changes="">
      <div role="group" aria-label="Guitar changes" className="flex flex-wrap gap-1">
        {runs.map((each, index) => (
          <ChoiceButton
            key={index}
            pressed={each === run}
            onPress={() => {
              play.stop();
              const section = firstSection(room, each);
              view.show({ run: index, section, chord: null, isGuitarChange: false });
              play.setStartBar(0);
            }}
            className="min-h-12 px-3 lg:min-h-11"
          >
            <span className="font-semibold">
              <NoteText>{tuningName(each)}</NoteText>
            </span>
            <span className="ml-2 text-muted">{sectionNames(room, each)}</span>
          </ChoiceButton>
        ))}
      </div>
      {isChangeDue(room) && (
        <p role="status" className="text-[19px] font-semibold">
          <NoteText>{guitarNote(room)}</NoteText>
        </p>
      )}
    </div>
  );
}

/** The guitar change that is due, or the tuning of the run that is shown; empty for a song in one tuning. */
export function guitarNote(room: SongRoom): string {
  if (room.runs.length < 2) return "";
  const name = tuningName(room.run);
  return isChangeDue(room) ? `Change guitar: ${name}. Then Play.` : name;
}

function isChangeDue({ runs, view, play }: SongRoom): boolean {
  return runs.length > 1 && view.isGuitarChange && !play.isPlaying;
}

function tuningName({ tuningMidi }: TuningRun): string {
  return nameTuning(tuningMidi, "mixed").name;
}

function firstSection({ chart }: SongRoom, { range: [from] }: TuningRun): number {
  return chart.order[from]?.[0] ?? 0;
}

const MAX_NAMED = 3;

function sectionNames({ chart, arrangement }: SongRoom, { range }: TuningRun): string {
  const sections = new Set(chart.order.slice(...range).map(([section]) => section));
  const names = [...sections].map((section) => sectionName(arrangement.sectionKeys[section] ?? ""));
  const more = names.length > MAX_NAMED ? ", …" : "";
  return names.slice(0, MAX_NAMED).join(", ") + more;
}

import { MOST_CHORDS } from "@/core/arrangement";
import { lastValue } from "@/ui/computed";
import { useNames } from "@/ui/names";
import { NoteText } from "@/ui/text";
import { type SongAnswers } from "./useSongAnswers";
import { barWords, mmText, tempoText } from "./words";

/** Whether the chosen way holds at the song's tempo, and where it breaks first. */
export function SongSummary({ answers }: { readonly answers: SongAnswers }) {
  const { pitch } = useNames();
  const { route, arrangement, hardStrokes } = answers;
  if (!route) {
    const isEmpty = arrangement.chords.length === 0;
    const problem = lastValue(answers.way)?.problem;
    return (
      <p className="min-h-7 text-lg text-muted" aria-live="polite">
        {isEmpty
          ? "Write a chord, and its way over the neck appears here."
          : problem && <NoteText>{`No way: ${problem.message}.`}</NoteText>}
      </p>
    );
  }
  const { timed } = route;
  const { tempoBpm } = arrangement;
  const worst = timed.worst === null ? undefined : timed.changes[timed.worst];
  const [from, to] = [0, 1].map(
    (step) => arrangement.chords[route.played[(timed.worst ?? 0) + step] ?? -1],
  );
  const isLate = (timed.cleanTempoBpm ?? Infinity) < tempoBpm;
  const share =
    timed.tempoShare === null
      ? ""
      : ` (${Math.floor(timed.tempoShare * 100)} % of ${Math.round(tempoBpm)})`;
  const text =
    worst === undefined
      ? "Nothing has to move: clean at any tempo."
      : `Clean to ${tempoText(timed.cleanTempoBpm)} a minute${share}. First to break: ${barWords(from?.playedBar ?? 0).toLowerCase()}, ${from?.name ?? ""} to ${to?.name ?? ""}.`;
  return (
    <div className="space-y-0.5" aria-live="polite" data-summary="">
      <p className={`text-lg font-semibold ${isLate ? "text-warning" : ""}`}>
        <NoteText>{isLate ? `Too fast as it is. ${text}` : text}</NoteText>
      </p>
      <p className="figures text-[15px] text-muted">
        <NoteText>
          {`${timed.stops.length} grips, ${mmText(timed.travelMm)} of travel in ${timed.shifts} shifts, effort ${timed.total.toFixed(1)}${timed.lowestMidi === null ? "" : `, lowest ${pitch(timed.lowestMidi)}`}${arrangement.isCut ? `. The way goes through the first ${MOST_CHORDS} chords; the others are kept` : ""}${hardStrokes.length > 0 ? `. Down strokes faster than your limit in ${hardStrokes.length} chords` : ""}`}
        </NoteText>
      </p>
    </div>
  );
}

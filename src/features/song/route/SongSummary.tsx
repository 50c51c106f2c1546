import { MAX_SONG_CHORDS, type Arrangement, type SongRoute } from "@/core/arrangement";
import { useRig } from "@/session";
import { useNames } from "@/ui/names";
import { fretsText, holdsText, isUnlimited, NoteText } from "@/ui/text";
import { type SongPlan } from "@/features/song/state";
import { barWords } from "@/features/song/state";

/** Whether the chosen route holds at the song's tempo, and where it breaks first. */
export function SongSummary({ plan }: { readonly plan: SongPlan }) {
  const { pitch } = useNames();
  const { downStrokesBpm } = useRig().profile;
  const { route, arrangement, problem } = plan;
  if (!route) {
    const isEmpty = arrangement.chords.length === 0;
    return (
      <p className="min-h-7 text-lg text-muted" aria-live="polite">
        {isEmpty
          ? "Write a chord, and its route over the neck appears here."
          : problem && <NoteText>{`No route: ${problem.message}.`}</NoteText>}
      </p>
    );
  }
  const { timed } = route;
  const { tempoBpm, quartersPerBeat } = arrangement;
  const holds = holdsText(timed, quartersPerBeat);
  const bpm = `${Math.round(tempoBpm)} bpm`;
  const verdict = {
    holds,
    tight: `Tight at ${bpm}. ${holds}`,
    "too fast": `Too fast at ${bpm}. ${holds}`,
  }[timed.holds];
  const figures = [
    `${timed.stops.length} grips`,
    `the hand moves ${fretsText(timed.travelFrets)} in ${timed.shifts} shifts`,
    `effort ${timed.total.toFixed(1)}`,
    ...(timed.lowestMidi === null ? [] : [`lowest ${pitch(timed.lowestMidi)}`]),
  ].join(", ");
  const cut = arrangement.isCut
    ? `The route goes through the first ${MAX_SONG_CHORDS} chords; the others are kept.`
    : "";
  return (
    <div className="flex flex-wrap items-baseline gap-x-4" aria-live="polite" data-summary="">
      <p className={`text-lg ${EMPHASIS[timed.holds]}`} data-holds={timed.holds}>
        <NoteText>{`${verdict}. ${limitWords(route, arrangement, downStrokesBpm)}`}</NoteText>
      </p>
      {cut !== "" && <p className="text-[15px] text-muted">{cut}</p>}
      <details className="text-[15px] text-muted">
        <summary className="inline-block cursor-pointer font-semibold">Why?</summary>
        <p className="figures">
          <NoteText>{`${figures}.`}</NoteText>
        </p>
      </details>
    </div>
  );
}

/** Quiet where the song holds; red only above what players of the level can manage. */
const EMPHASIS = {
  holds: "",
  tight: "font-semibold",
  "too fast": "font-semibold text-warning",
} as const;

/** "Tightest: bar 6, A5 to C5." */
function limitWords(
  { timed, played }: SongRoute,
  { chords, quartersPerBeat }: Arrangement,
  downStrokesBpm: number,
): string {
  const { limit, cleanTempoBpm } = timed;
  if (limit === null || isUnlimited(cleanTempoBpm, quartersPerBeat)) return "";
  if (limit.kind === "down strokes") {
    const bar = barWords(chords[limit.chord]?.playedBar ?? 0).toLowerCase();
    return `Tightest: the down strokes in ${bar}; yours go to ${Math.round(downStrokesBpm)} bpm in eighths.`;
  }
  const [from, to] = [0, 1].map((step) => chords[played[limit.change + step] ?? -1]);
  if (!from || !to) return "";
  return `Tightest: ${barWords(from.playedBar).toLowerCase()}, ${from.name} to ${to.name}.`;
}

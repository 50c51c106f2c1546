import { type SongRoute } from "@/core/arrangement";
import { NoteText } from "@/ui/text";
import { SongGrip } from "./SongGrip";
import { type SongPlan } from "@/features/song/state";

interface NowNextProps {
  readonly plan: SongPlan;
  readonly route: SongRoute;
  /** By index in the arrangement; null for none. */
  readonly now: number | null;
  readonly next: number | null;
  /** Before it plays, the two are what comes first and what comes then. */
  readonly isPlaying: boolean;
  /** To be read from two metres, or from one. */
  readonly size: "stage" | "page";
}

const PLAYING_TITLES = ["Now", "Next"];
const WAITING_TITLES = ["First", "Then"];
/** Px between two strings, now and next. */
const GAPS = { stage: [44, 30], page: [26, 20] } as const;
const NAMES = {
  stage: ["text-[16vmin]", "text-[10vmin]"],
  page: ["text-5xl", "text-4xl"],
} as const;
/** On a phone both fit one screen. */
const NARROW = ["max-md:w-[44dvh]", "max-md:w-[28dvh]"] as const;
const MANY_STRINGS = 7;

/** The grip that is played now, large, and early the one that follows. */
export function NowNext({ plan, route, now, next, isPlaying, size }: NowNextProps) {
  const titles = isPlaying ? PLAYING_TITLES : WAITING_TITLES;
  return (
    <div className="grid flex-1 items-center gap-x-6 gap-y-3 md:grid-cols-[3fr_2fr]">
      {([now, next] as const).map((chord, place) => (
        <GripNamed
          key={place}
          plan={plan}
          route={route}
          chord={chord}
          title={titles[place] ?? ""}
          gapPx={GAPS[size][place] ?? 0}
          nameClass={NAMES[size][place] ?? ""}
          narrowClass={NARROW[place] ?? ""}
        />
      ))}
    </div>
  );
}

interface GripNamedProps {
  readonly plan: SongPlan;
  readonly route: SongRoute;
  readonly chord: number | null;
  readonly title: string;
  readonly gapPx: number;
  readonly nameClass: string;
  readonly narrowClass: string;
}

function GripNamed(props: GripNamedProps) {
  const { plan, route, chord: index, title, gapPx, nameClass } = props;
  const { arrangement, neck, guitar } = plan;
  const chord = index === null ? undefined : arrangement.chords[index];
  const stop = index === null ? -1 : route.played.indexOf(index);
  const fingering = route.timed.stops[stop]?.fingering;
  return (
    <section aria-label={title} className="min-w-0 text-center">
      <p className="text-2xl text-muted">{title}</p>
      <p className={`leading-none font-bold ${nameClass}`}>
        {chord ? <NoteText>{chord.name}</NoteText> : "–"}
      </p>
      <div
        className={`mx-auto mt-3 flex max-w-full justify-center ${props.narrowClass}`}
        style={{ maxWidth: `min(100%, ${gapPx * 15}px)` }}
      >
        {chord && fingering && (
          <SongGrip
            neck={neck}
            guitar={guitar}
            chord={chord}
            fingering={fingering}
            stringGapPx={neck.midi.length > MANY_STRINGS ? gapPx * 0.7 : gapPx}
            growth={1.6}
          />
        )}
      </div>
    </section>
  );
}

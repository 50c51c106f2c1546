import { type ReactNode } from "react";
import { rootOfGrip, type ArrangedChord } from "@/core/arrangement";
import { tonesOverRoot } from "@/core/fretting";
import { type Fingering } from "@/core/hand";
import { pitchClassOf } from "@/core/pitch";
import { type Moment, type RoutedSong } from "@/core/playing";
import { GripDiagram } from "@/ui/grip";
import { NoteText, spokenNotes, wayWords } from "@/ui/text";
import {
  mannerWords,
  placeOfGrip,
  riffWords,
  shownName,
  stringNumbers,
  waitWords,
} from "./playWords";

/** How the player sees grips. */
export interface GripLook {
  readonly leftHanded: boolean;
  readonly thickOnTop: boolean;
}

interface CardProps {
  readonly song: RoutedSong;
  readonly look: GripLook;
  readonly moment: Moment;
}

interface NowCardProps extends CardProps {
  /** "Verse, bar 6 of 28". */
  readonly where: string;
  readonly isPlaying: boolean;
  /** Current word of the count-in; null outside of it. */
  readonly count: string | null;
}

/** The current grip: name, string and fret of its root, texture and diagram. */
export function NowCard({ song, look, moment, where, isPlaying, count }: NowCardProps) {
  const { chord, fingering } = heldAt(song, moment.chord, moment.stop);
  const place = chord && fingering && placeOfGrip(song.neck, chord, fingering);
  const name = chord ? shownName(chord) : "";
  return (
    <section
      aria-label="Now"
      className="playing-card grid grid-cols-[minmax(7.5rem,2fr)_minmax(0,3fr)] gap-x-3"
    >
      <div className="min-w-0">
        <p
          className="truncate text-[calc(1.05rem*var(--play-scale))] text-muted"
          data-place={isPlaying ? "" : undefined}
        >
          <NoteText>{where}</NoteText>
        </p>
        <p className={`leading-none font-bold ${nameSize(name, true)}`} data-chord-name="">
          {chord ? <NoteText>{name}</NoteText> : "–"}
        </p>
        {place && <PlaceWords {...place} />}
        <div className="min-h-[calc(2.9rem*var(--play-scale))]">
          {count !== null ? (
            <p
              role="timer"
              className="inline-block rounded-lg bg-root px-3 text-[calc(2.4rem*var(--play-scale))] leading-tight font-bold text-[var(--on-mark)]"
              data-count=""
            >
              {count}
            </p>
          ) : (
            fingering &&
            chord && (
              <p className="text-[calc(1.05rem*var(--play-scale))] leading-snug text-muted">
                {chord.notes ? (
                  <span className="figures">{riffWords(fingering)}</span>
                ) : (
                  <>
                    <span className="mr-2">{mannerWords(chord.strikes)}</span>
                    <span className="figures inline-block">{stringsWords(fingering)}</span>
                  </>
                )}
              </p>
            )
          )}
        </div>
      </div>
      <Picture song={song} look={look} chord={chord} fingering={fingering} />
    </section>
  );
}

/** The next different grip: when it is due, how far the hand moves, and its diagram. */
export function NextCard({
  song,
  look,
  moment,
  isHidden,
}: CardProps & { readonly isHidden: boolean }) {
  const { next } = moment;
  const held = heldAt(song, moment.chord, moment.stop).fingering;
  const { chord, fingering } = next
    ? heldAt(song, next.chord, next.stop)
    : { chord: undefined, fingering: undefined };
  const place = chord && fingering && placeOfGrip(song.neck, chord, fingering);
  const isShown = !isHidden && next !== null;
  return (
    <section
      aria-label="Next"
      className="playing-card grid grid-cols-[minmax(7rem,1fr)_minmax(0,1.25fr)] gap-x-3"
    >
      <div className="min-w-0">
        {next ? (
          <p
            className="inline-block rounded bg-root px-2 text-[calc(1.3rem*var(--play-scale))] leading-snug font-bold text-[var(--on-mark)]"
            data-wait=""
          >
            {waitWords(next.wait)}
          </p>
        ) : (
          <p className="text-[calc(1.3rem*var(--play-scale))] text-muted">Stays to the end</p>
        )}
        {isShown && chord && (
          <>
            <p
              className={`mt-1 leading-none font-bold ${nameSize(shownName(chord), false)}`}
              data-chord-name=""
            >
              <NoteText>{shownName(chord)}</NoteText>
            </p>
            <p className="text-[calc(1.15rem*var(--play-scale))] leading-tight font-semibold">
              {held && fingering && wayWords(held, fingering, next.change).toLowerCase()}
              <span className="block font-normal">
                {chord.notes && fingering
                  ? riffWords(fingering)
                  : next.change.isShapeKept
                    ? "same shape"
                    : "new shape"}
              </span>
              {place && (
                <span className="block font-normal text-muted">{`string ${place.stringNumber}`}</span>
              )}
            </p>
          </>
        )}
      </div>
      {isShown && <Picture song={song} look={look} chord={chord} fingering={fingering} />}
    </section>
  );
}

function heldAt({ arrangement, route }: RoutedSong, chord: number | null, stop: number) {
  return {
    chord: chord === null ? undefined : arrangement.chords[chord],
    fingering: route.timed.stops[stop]?.fingering,
  };
}

/** "6 5 4 sound, damp 3 2 1". */
function stringsWords(fingering: Fingering): string {
  const silent = stringNumbers(fingering, false);
  return `${stringNumbers(fingering, true)} sound${silent === "" ? "" : `, damp ${silent}`}`;
}

/** "string 6 fret 5", figures large; "open" for an open string. */
function PlaceWords({
  stringNumber,
  fret,
}: {
  readonly stringNumber: number;
  readonly fret: number;
}) {
  return (
    <p className="figures text-[calc(1.2rem*var(--play-scale))] leading-tight">
      <span className="mr-2 inline-block">
        {"string "}
        <Large>{stringNumber}</Large>
      </span>
      <span className="inline-block">
        {fret === 0 ? <Large>open</Large> : "fret "}
        {fret > 0 && <Large>{fret}</Large>}
      </span>
    </p>
  );
}

function Large({ children }: { readonly children: ReactNode }) {
  return <b className="text-[calc(2.3rem*var(--play-scale))]">{children}</b>;
}

const LONG_NAME = 4;

/** Smaller for a long name, so that it fits on one line. */
function nameSize(name: string, isNow: boolean): string {
  const isLong = name.length > LONG_NAME;
  if (!isNow) {
    return isLong
      ? "text-[calc(1.7rem*var(--play-scale))]"
      : "text-[calc(2.6rem*var(--play-scale))]";
  }
  return isLong ? "text-[calc(2.4rem*var(--play-scale))]" : "text-[calc(4.4rem*var(--play-scale))]";
}

interface PictureProps {
  readonly song: RoutedSong;
  readonly look: GripLook;
  readonly chord: ArrangedChord | undefined;
  readonly fingering: Fingering | undefined;
}

const STRING_GAP_PX = 24;

function Picture({ song: { neck }, look, chord, fingering }: PictureProps) {
  if (!chord) return <div />;
  if (!fingering) {
    return (
      <p className="self-center text-[calc(1.3rem*var(--play-scale))]">
        No grip under these limits
      </p>
    );
  }
  const root = rootOfGrip(chord, neck, fingering.fretting);
  return (
    <div className="playing-picture">
      <GripDiagram
        neck={neck}
        root={root}
        grip={{ fingering, tones: tonesOverRoot(neck, fingering.fretting, pitchClassOf(root)) }}
        labels="finger"
        {...look}
        fills
        stringGapPx={STRING_GAP_PX}
        label={`${spokenNotes(shownName(chord))} close up`}
      />
    </div>
  );
}

import { type PitchPlaces } from "@/core/compare";
import { type Grip } from "@/core/grip";
import { pitchTextsOver, type Note } from "@/core/pitch";
import { EffortBar, FretText } from "@/ui/grip";
import { NoteText } from "@/ui/text";
import { type TranslatedGrips } from "@/worker/client";
import { SmallGrip } from "./SmallGrip";
import { type Column } from "@/features/compare/results";

interface PitchCellProps {
  readonly column: Column;
  /** Null while it is worked out. */
  readonly root: Note | null;
  readonly found: TranslatedGrips | null;
}

const SHOWN_AT_ONCE = 3;

/** Where the pitches of a shape went: the ways to hold them, what is lost, and every place of each note. */
export function PitchCell({ column, root, found }: PitchCellProps) {
  if (!found || !root) return <p className="panel h-full p-2.5 text-muted">…</p>;
  const { lost, frettingCount, playable, grips, instead, places } = found;
  const strings = column.neck.midi.length;
  const sounding = places.map(({ midi }) => midi);
  const pitch = (midi: number) => pitchTextsOver(root, [midi, ...sounding])[0] ?? "";
  const all = [...grips, ...instead];
  return (
    <div className="panel h-full space-y-2 p-2.5">
      <p className="text-[16px] font-medium">{countText(found)}</p>
      {lost.length > 0 && (
        <p className="text-[16px]">
          <NoteText>{lostText(places, pitch)}</NoteText>
        </p>
      )}
      {lost.length === 0 && frettingCount > 0 && playable === 0 && (
        <p className="text-[15px] text-muted">Your hand cannot hold any of them.</p>
      )}
      {all.slice(0, SHOWN_AT_ONCE).map((grip) => (
        <GripLine key={grip.fretting.join()} column={column} root={root} grip={grip} />
      ))}
      {all.length > SHOWN_AT_ONCE && (
        <details className="text-[15px]">
          <summary className="min-h-8 cursor-pointer text-muted">
            {`${all.length - SHOWN_AT_ONCE} more`}
          </summary>
          <div className="space-y-2">
            {all.slice(SHOWN_AT_ONCE).map((grip) => (
              <GripLine key={grip.fretting.join()} column={column} root={root} grip={grip} />
            ))}
          </div>
        </details>
      )}
      <details className="text-[15px]">
        <summary className="min-h-8 cursor-pointer text-muted">Where each note is</summary>
        <dl className="grid grid-cols-[auto_1fr] gap-x-3">
          {places.map(({ midi, positions }) => (
            <div key={midi} className="contents">
              <dt className="figures font-semibold">
                <NoteText>{pitch(midi)}</NoteText>
              </dt>
              <dd className="figures">
                {positions.length > 0
                  ? positions
                      .map(({ string, fret }) => `string ${strings - string} at ${fret}`)
                      .join(", ")
                  : "nowhere"}
              </dd>
            </div>
          ))}
        </dl>
      </details>
    </div>
  );
}

function countText({ frettingCount, playable, lost }: TranslatedGrips): string {
  if (lost.length > 0) return "Some of its notes are missing";
  if (frettingCount === 0) return "Its notes are there, but not all at once";
  const sound = frettingCount === 1 ? "1 way sounds" : `${frettingCount} ways sound`;
  return `${sound} exactly the same, ${playable} in reach`;
}

function lostText(places: readonly PitchPlaces[], pitch: (midi: number) => string): string {
  return places
    .filter(({ positions }) => positions.length === 0)
    .map(({ midi, octave }) =>
      octave === null
        ? `${pitch(midi)} is lost.`
        : `${pitch(midi)} is lost; the nearest octave is ${pitch(octave)}.`,
    )
    .join(" ");
}

interface GripLineProps {
  readonly column: Column;
  readonly root: Note;
  readonly grip: Grip;
}

function GripLine({ column, root, grip }: GripLineProps) {
  return (
    <div className="flex items-center gap-2.5">
      <SmallGrip column={column} root={root} grip={grip} labels="note" />
      <div className="min-w-0 flex-1 space-y-0.5 text-[16px]">
        <FretText fretting={grip.fretting} />
        <EffortBar effort={grip.best.effort} />
      </div>
    </div>
  );
}

import { type Fretting } from "@/core/fretting";
import {
  noteOnString,
  noteStrike,
  pickedAt,
  strikesAs,
  type ChartNote,
  type Strike,
} from "@/core/song";
import { type ScoreBar, type ScoreChord, type ScoreNote } from "./score";

/** The notes of a bar whose chords have grips: every strike of each chord, string by string. */
export function strumBar({ chords, meter }: ScoreBar): readonly ScoreNote[] {
  return chords.flatMap((chord, index) => {
    const until = chords[index + 1]?.startBeat ?? Infinity;
    return strumChord(chord, meter, Math.min(chord.beats, until - chord.startBeat));
  });
}

function strumChord(
  { fretting, texture, startBeat, riff }: ScoreChord,
  meter: string,
  beats: number,
): readonly ScoreNote[] {
  if (!fretting || !(beats > 0)) return [];
  if (riff) return riffNotes(riff, fretting, { meter, startBeat, beats });
  const strikes = strikesAs(texture, { meter, startBeat, beats });
  return strikes.flatMap((strike, index) => {
    const until = strikes[index + 1]?.at ?? beats;
    return struckStrings(fretting, strike).map(({ string, fret }) => ({
      startBeat: startBeat + strike.at,
      beats: until - strike.at,
      string,
      // A choked string has no fret that sounds.
      fret: strike.touch === "choked" ? 0 : fret,
      mark: MARK_OF[strike.touch],
    }));
  });
}

/** The notes of a riff on the strings of its grip, with their marks. */
function riffNotes(
  riff: readonly ChartNote[],
  fretting: Fretting,
  span: { readonly meter: string; readonly startBeat: number; readonly beats: number },
): readonly ScoreNote[] {
  const [strike] = noteStrike(riff, span);
  const touch = strike ? MARK_OF[strike.touch] : null;
  return fretting.flatMap((fret, string) => {
    if (fret === null) return [];
    const own = noteOnString(riff, string, fretting.length);
    const reached = own?.mark === "m" ? null : (own?.mark ?? null);
    const marks = [...new Set([touch, reached])].filter((mark) => mark !== null);
    return [
      {
        startBeat: span.startBeat,
        beats: span.beats,
        string,
        fret: touch === "x" ? 0 : fret,
        mark: marks.join(" ") || null,
      },
    ];
  });
}

const MARK_OF = { ringing: null, muted: "pm", choked: "x" } as const;

/** The strings that a strike sounds: all of the grip's, or one where they are picked. */
function struckStrings(fretting: Fretting, { picked }: Strike) {
  const all = fretting.flatMap((fret, string) => (fret === null ? [] : [{ string, fret }]));
  if (picked === null) return all;
  const at = pickedAt(picked, all.length);
  return all.slice(at, at + 1);
}

import { pitchTextsOver } from "@/core/pitch";
import { type ShapeReading } from "@/core/reading";
import { voicingName } from "@/core/voicing";
import { fingerName } from "@/formats/dampingWords";
import { NoteText } from "@/ui/text";

interface ReadingTextProps {
  readonly reading: ShapeReading;
}

/** What a shape is called, large, and whether this hand can hold it. */
export function ReadingText({ reading }: ReadingTextProps) {
  const { name, sounding, isNamed, bass, midi, voicing, fingerings, beyond } = reading;
  const [tightest] = beyond?.stretches ?? [];
  return (
    <section aria-labelledby="reading-title" aria-live="polite">
      <h2 id="reading-title" className="text-5xl font-bold">
        <NoteText>{name}</NoteText>
      </h2>
      <p className="mt-2 text-xl">
        <span className="figures font-semibold">
          <NoteText>{voicingName(voicing)}</NoteText>
        </span>
        {bass !== null && (
          <>
            {", "}
            <NoteText>{pitchTextsOver(reading.root, [bass])[0] ?? ""}</NoteText> in the bass
          </>
        )}
        {sounding !== name && (
          <>
            {", sounds "}
            <NoteText>{sounding}</NoteText>
          </>
        )}
        {!isNamed && midi.length > 1 && ", no common name"}
      </p>
      <p className="figures text-muted">
        <NoteText>{pitchTextsOver(reading.root, midi).join(" ")}</NoteText>
      </p>
      {fingerings.length === 0 && (
        <p className="mt-2 text-lg font-medium text-warning">
          {tightest
            ? `Out of reach: ${fingerName(tightest.fingers[0])} to ${fingerName(tightest.fingers[1])} would be ${Math.round(tightest.mm)} mm, your limit is ${Math.round(tightest.hardMm)}.`
            : "No four fingers can hold this."}
        </p>
      )}
    </section>
  );
}

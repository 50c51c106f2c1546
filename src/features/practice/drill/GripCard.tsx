import { type ArrangedChord } from "@/core/arrangement";
import { tonesOverRoot } from "@/core/fretting";
import { type Fingering } from "@/core/hand";
import { type Neck } from "@/core/neck";
import { pitchClassOf } from "@/core/pitch";
import { useView } from "@/session";
import { type Guitar } from "@/state";
import { GripDiagram } from "@/ui/grip";
import { NoteText, spokenNotes } from "@/ui/text";

interface GripCardProps {
  readonly title: string;
  readonly neck: Neck;
  readonly guitar: Guitar;
  readonly chord: ArrangedChord | undefined;
  readonly fingering: Fingering | undefined;
  readonly isLarge: boolean;
  /** No other grip stands beside it, and no way to it below. */
  readonly isAlone: boolean;
  /** Nothing else is on the page then, so that there is more room. */
  readonly isPlaying: boolean;
}

const MANY_STRINGS = 7;

/** A grip and its name, to be read at arm's length; nothing yet where it is not to be shown. */
export function GripCard({
  title,
  neck,
  guitar,
  chord,
  fingering,
  isLarge,
  isAlone,
  isPlaying,
}: GripCardProps) {
  const { thickOnTop } = useView().view;
  const roomPx = isAlone ? 27 : isLarge ? 19 : 15;
  const gap = roomPx * (isPlaying ? 1.4 : 1) * (neck.midi.length > MANY_STRINGS ? 0.7 : 1);
  return (
    <section aria-label={title} className="min-w-0 text-center">
      <p className="text-lg text-muted">{title}</p>
      <p className={`leading-tight font-bold ${isLarge ? "text-4xl" : "text-3xl"}`}>
        {chord ? <NoteText>{chord.name}</NoteText> : "–"}
      </p>
      <div
        className="mx-auto mt-2 flex max-w-full justify-center max-md:w-[min(100%,32dvh)]"
        style={{ maxWidth: `min(100%, ${gap * 15}px)`, minHeight: gap * 6 }}
      >
        {chord && fingering && (
          <GripDiagram
            neck={neck}
            root={chord.chord.root}
            grip={{
              fingering,
              tones: tonesOverRoot(neck, fingering.fretting, pitchClassOf(chord.chord.root)),
            }}
            labels="finger"
            leftHanded={guitar.leftHanded}
            thickOnTop={thickOnTop}
            growth={1.6}
            stringGapPx={gap}
            label={`${spokenNotes(chord.name)} close up`}
          />
        )}
      </div>
    </section>
  );
}

import { samePitches } from "@/core/tuning";
import { useInstrument, useTell, useView } from "@/session";
import { NoteText } from "@/ui/text";
import { inTuning, type SongRoom } from "@/features/song/state";

interface WantedTuningProps {
  readonly room: SongRoom;
  readonly className: string;
}

/** Shown when the song's tuning differs from the guitar's: retune the guitar, or play the song in its tuning. */
export function WantedTuning({ room, className }: WantedTuningProps) {
  const { document, tuning } = room;
  const { song, set } = document;
  const { guitar, tuning: inHand } = useInstrument();
  const { show } = useView();
  const tell = useTell();
  if (samePitches(song.tuningMidi, inHand.midi)) return null;
  const retune = () => {
    show({ guitarId: song.guitarId, tuningMidi: song.tuningMidi });
    tell({
      text: `Tenon is in ${tuning.name} now. Retune, at the top, says what to turn.`,
      undo: () => show({ guitarId: guitar.id, tuningMidi: inHand.midi }),
    });
  };
  return (
    <p className={`text-[17px] text-muted ${className}`} data-wants="">
      <NoteText>{`wants ${tuning.name}: `}</NoteText>
      <button type="button" className="min-h-11 font-semibold text-ink underline" onClick={retune}>
        retune
      </button>
      {" or "}
      <button
        type="button"
        className="min-h-11 font-semibold text-ink underline"
        onClick={() => set(inTuning(song, guitar.id, inHand.midi))}
      >
        <NoteText>{`play it in ${inHand.name}`}</NoteText>
      </button>
    </p>
  );
}

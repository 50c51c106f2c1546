import { type Dispatch } from "react";
import { Minus, Plus, X } from "lucide-react";
import { withinTempo, type ChartWords } from "@/core/song";
import { type RoutedSong } from "@/core/playing";
import { useDeviceChoice } from "@/session";
import { useKeys } from "@/ui/controls";
import { PlayingView, scaleAfter, TextSize, type GripLook, type Playhead } from "@/ui/playing";
import { NoteText } from "@/ui/text";
import { PLAY_KEYS, type PlayAlong } from "@/features/song/state";

interface StageViewProps {
  readonly song: RoutedSong;
  readonly words: ChartWords;
  readonly look: GripLook;
  readonly play: PlayAlong;
  readonly playhead: Playhead;
  readonly startQuarters: number;
  readonly name: string;
  /** Which guitar to take; empty for a song on one guitar. */
  readonly note: string;
  readonly onClose: () => void;
}

const TEMPO_STEP_BPM = 2;

/** The playing view in full screen, readable from two metres. The song cannot be edited here. */
export function SongStage(props: StageViewProps) {
  const { song, words, look, play, playhead, startQuarters, name, note, onClose } = props;
  const [scale, setScale] = useDeviceChoice("text size on stage", 1.3);
  const { options, setOptions } = play;
  const tempo = options.tempoBpm ?? song.arrangement.tempoBpm;
  const faster = (by: number) => setOptions({ tempoBpm: withinTempo(tempo + by) });
  useKeys(
    PLAY_KEYS,
    {
      forward: play.forward,
      back: play.back,
      play: play.toggle,
      slower: () => faster(-TEMPO_STEP_BPM),
      faster: () => faster(TEMPO_STEP_BPM),
      smaller: () => setScale(scaleAfter(scale, -1)),
      larger: () => setScale(scaleAfter(scale, 1)),
      leave: onClose,
    },
    "page",
    true,
  );
  return (
    <div
      role="region"
      aria-label="Stage"
      className="fixed inset-0 z-10 flex flex-col gap-2 overflow-y-auto bg-ground p-3 sm:px-5"
    >
      <div className="flex items-center gap-x-3">
        <p className="min-w-0 flex-1 truncate text-2xl font-bold sm:text-3xl">
          {name}
          {note !== "" && (
            <span role="status" className="ml-4 text-[0.8em] text-muted">
              <NoteText>{note}</NoteText>
            </span>
          )}
        </p>
        <TempoSteps bpm={tempo * (options.isHalf ? 0.5 : 1)} onStep={faster} />
        <button
          type="button"
          className="button min-h-12 min-w-20 px-4 text-lg"
          onClick={play.toggle}
        >
          {play.isPlaying ? "Stop" : "Play"}
        </button>
        <TextSize scale={scale} onScale={setScale} isLarge />
        <button
          type="button"
          className="button min-h-12 px-3"
          aria-label="Leave the stage"
          onClick={onClose}
        >
          <X size={26} aria-hidden="true" />
        </button>
      </div>
      <div className="min-h-0 flex-1">
        <PlayingView
          song={song}
          words={words}
          look={look}
          playhead={playhead}
          startQuarters={startQuarters}
          loop={options.loop}
          scale={scale}
          way="line"
          fills
        />
      </div>
    </div>
  );
}

interface TempoStepsProps {
  readonly bpm: number;
  readonly onStep: Dispatch<number>;
}

function TempoSteps({ bpm, onStep }: TempoStepsProps) {
  return (
    <div role="group" aria-label="Tempo" className="flex items-center gap-1 max-sm:hidden">
      <button
        type="button"
        className="button min-h-12 px-3"
        aria-label="Slower"
        onClick={() => onStep(-TEMPO_STEP_BPM)}
      >
        <Minus size={20} aria-hidden="true" />
      </button>
      <span className="figures w-24 text-center text-2xl text-muted">{`${Math.round(bpm)} bpm`}</span>
      <button
        type="button"
        className="button min-h-12 px-3"
        aria-label="Faster"
        onClick={() => onStep(TEMPO_STEP_BPM)}
      >
        <Plus size={20} aria-hidden="true" />
      </button>
    </div>
  );
}

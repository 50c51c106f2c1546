import { X } from "lucide-react";
import { type SongRoute } from "@/core/arrangement";
import { useKeys } from "@/ui/controls";
import { NowNext } from "@/features/song/grip";
import { PLAY_KEYS } from "@/features/song/state";
import { type PlayAlong } from "@/features/song/state";
import { type SongPlan } from "@/features/song/state";
import { sectionName } from "@/features/song/state";

interface StageViewProps {
  readonly plan: SongPlan;
  readonly route: SongRoute;
  readonly play: PlayAlong;
  readonly name: string;
  readonly onClose: () => void;
}

const NOTHING = { chord: null, next: null };

/** The grip now and the next one, to be read from two metres; nothing can be changed here. */
export function SongStage({ plan, route, play, name, onClose }: StageViewProps) {
  const { arrangement } = plan;
  const { place, options, setOptions } = play;
  const tempo = options.tempoBpm ?? arrangement.tempoBpm;
  const faster = (by: number) => setOptions({ tempoBpm: Math.min(300, Math.max(30, tempo + by)) });
  useKeys(PLAY_KEYS, {
    forward: play.forward,
    back: play.back,
    play: play.toggle,
    slower: () => faster(-2),
    faster: () => faster(2),
    leave: onClose,
  });
  const { bars, chords, sectionKeys } = arrangement;
  const bar = place?.bar ?? play.startBar;
  const first = chords.findIndex(({ playedBar }) => playedBar >= bar);
  const { chord, next } = place ?? (first < 0 ? NOTHING : { chord: first, next: first + 1 });
  const key = sectionKeys[bars[bar]?.section ?? 0] ?? "";
  return (
    <div className="fixed inset-0 z-10 flex flex-col gap-3 overflow-y-auto bg-ground p-4">
      <div className="flex flex-wrap items-center gap-x-6 gap-y-1">
        <p className="text-3xl font-bold">{name}</p>
        <p className="text-3xl">{sectionName(key)}</p>
        <p className="figures text-3xl text-muted">{`bar ${bar + 1} of ${bars.length}`}</p>
        <p className="figures text-3xl text-muted">
          {`${Math.round(place?.tempoBpm ?? tempo * (options.isHalf ? 0.5 : 1))} bpm`}
        </p>
        <div className="ml-auto flex gap-2">
          <button type="button" className="button min-h-14 px-5 text-xl" onClick={play.toggle}>
            {play.isPlaying ? "Stop" : "Play"}
          </button>
          <button
            type="button"
            className="button min-h-14 px-4"
            aria-label="Leave the stage view"
            onClick={onClose}
          >
            <X size={28} aria-hidden="true" />
          </button>
        </div>
      </div>
      {place?.count ? (
        <p className="flex flex-1 items-center justify-center text-[22vmin] font-bold">
          {place.count}
        </p>
      ) : (
        <NowNext
          plan={plan}
          route={route}
          now={chord}
          next={next}
          isPlaying={place !== null}
          size="stage"
        />
      )}
      <p className="text-lg text-muted">
        Pedal: forward starts, then goes to the next section; back stops, then goes to the section’s
        start.
      </p>
    </div>
  );
}

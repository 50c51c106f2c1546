import { SkipBack, SkipForward } from "lucide-react";
import { HELPS, type Arrangement, type Help } from "@/core/arrangement";
import { useDeviceChoice, useHearing } from "@/session";
import { ChoiceButton, SelectField } from "@/ui/controls";
import { Loudness } from "@/ui/hear";
import { type PlayAlong } from "@/features/song/state";
import { TextSize, usePlacePart, type Playhead } from "@/ui/playing";
import { type SongViewState } from "@/features/song/state";
import { sectionName } from "@/features/song/state";

interface PlayBarProps {
  readonly playhead: Playhead;
  readonly play: PlayAlong;
  readonly view: SongViewState;
  readonly arrangement: Arrangement;
}

const HELP_WORDS: Readonly<Record<Help, string>> = {
  root: "Roots only",
  two: "Two notes",
  full: "Full chords",
};
const WHOLE = "whole";
const RAMPS = [0, 2, 4, 8];

/** How the song is played along: what is heard, which bars go round, how fast, and how much of each chord. */
export function PlayBar({ play, playhead, view, arrangement }: PlayBarProps) {
  const [scale, setScale] = useDeviceChoice("text size while playing", 1);
  const bar = usePlacePart(playhead, barAt);
  const { hearing, setHearing } = useHearing();
  const { options, setOptions } = play;
  const { bars } = arrangement;
  const loops = sectionLoops(arrangement);
  const current = options.loop?.join() ?? WHOLE;
  const isListed = loops.some(({ range }) => range.join() === current);
  return (
    <div
      role="group"
      aria-label="Play along"
      className="panel flex flex-wrap items-end gap-x-4 gap-y-2 px-3 py-2"
    >
      <div className="flex items-center gap-1">
        <button
          type="button"
          className="button px-3"
          aria-label={play.isPlaying ? "Stop here" : "To the start of the section"}
          onClick={play.back}
        >
          <SkipBack size={18} aria-hidden="true" />
        </button>
        <button
          type="button"
          className="button px-3"
          aria-label={play.isPlaying ? "To the next section" : "Start with a count-in"}
          disabled={bars.length === 0}
          onClick={play.forward}
        >
          <SkipForward size={18} aria-hidden="true" />
        </button>
      </div>
      <label>
        <span className="field-label">{play.isPlaying ? "Bar" : "From bar"}</span>
        <input
          type="number"
          className="field figures w-20"
          min={1}
          max={Math.max(1, bars.length)}
          value={(bar ?? play.startBar) + 1}
          onChange={({ target }) => {
            const bar = Math.round(target.valueAsNumber) - 1;
            if (bar >= 0 && bar < bars.length) play.playFrom(bar);
          }}
        />
      </label>
      <SelectField
        label="Repeat"
        value={current}
        options={[
          [WHOLE, "off"],
          ...loops.map(({ name, range }) => [range.join(), name] as const),
          ...(isListed || current === WHOLE || !options.loop
            ? []
            : [[current, `bars ${options.loop[0] + 1} to ${options.loop[1] + 1}`] as const]),
        ]}
        onChange={(value) => {
          const [first = 0, last = 0] = value.split(",").map(Number);
          setOptions({ loop: value === WHOLE ? null : [first, last] });
        }}
      />
      {options.loop && (
        <>
          <LoopEnd
            label="first bar"
            bar={options.loop[0]}
            low={0}
            high={options.loop[1]}
            onBar={(bar) => options.loop && setOptions({ loop: [bar, options.loop[1]] })}
          />
          <LoopEnd
            label="last bar"
            bar={options.loop[1]}
            low={options.loop[0]}
            high={bars.length - 1}
            onBar={(bar) => options.loop && setOptions({ loop: [options.loop[0], bar] })}
          />
          <SelectField
            label="Each round"
            value={options.rampBpm}
            options={RAMPS.map(
              (bpm) => [bpm, bpm === 0 ? "the same tempo" : `${bpm} faster`] as const,
            )}
            onChange={(rampBpm) => setOptions({ rampBpm })}
          />
        </>
      )}
      <div className="flex flex-wrap gap-0.5">
        <Toggle isOn={options.click} onPress={() => setOptions({ click: !options.click })}>
          Click
        </Toggle>
        <Toggle isOn={options.chords} onPress={() => setOptions({ chords: !options.chords })}>
          Chords
        </Toggle>
        <Toggle isOn={hearing.gain} onPress={() => setHearing({ gain: !hearing.gain })}>
          Gain
        </Toggle>
        <Toggle isOn={options.isHalf} onPress={() => setOptions({ isHalf: !options.isHalf })}>
          Half tempo
        </Toggle>
      </div>
      <Loudness value={hearing.loudness} onChange={(loudness) => setHearing({ loudness })} />
      <div role="group" aria-label="How much of each chord" className="flex gap-0.5">
        {HELPS.map((help) => (
          <ChoiceButton
            key={help}
            pressed={view.help === help}
            onPress={() => view.show({ help })}
            className="px-3"
          >
            {HELP_WORDS[help]}
          </ChoiceButton>
        ))}
      </div>
      <TextSize scale={scale} onScale={setScale} />
    </div>
  );
}

function barAt(place: { readonly bar: number } | null): number | null {
  return place?.bar ?? null;
}

interface ToggleProps {
  readonly isOn: boolean;
  readonly onPress: () => void;
  readonly children: string;
}

function Toggle({ isOn, onPress, children }: ToggleProps) {
  return (
    <ChoiceButton pressed={isOn} onPress={onPress} className="px-3">
      {children}
    </ChoiceButton>
  );
}

interface LoopEndProps {
  readonly label: string;
  readonly bar: number;
  readonly low: number;
  readonly high: number;
  readonly onBar: (bar: number) => void;
}

function LoopEnd({ label, bar, low, high, onBar }: LoopEndProps) {
  return (
    <label>
      <span className="field-label">{label}</span>
      <input
        type="number"
        className="field figures w-20"
        min={low + 1}
        max={high + 1}
        value={bar + 1}
        onChange={({ target }) => {
          const next = Math.round(target.valueAsNumber) - 1;
          if (next >= low && next <= high) onBar(next);
        }}
      />
    </label>
  );
}

/** Every section as it is played, once for each time it comes. */
function sectionLoops({ bars, sectionKeys }: Arrangement): readonly {
  readonly name: string;
  readonly range: readonly [first: number, last: number];
}[] {
  const loops: { name: string; range: [number, number] }[] = [];
  for (const [index, { section }] of bars.entries()) {
    const last = loops.at(-1);
    if (last && bars[index - 1]?.section === section) last.range[1] = index;
    else loops.push({ name: sectionName(sectionKeys[section] ?? ""), range: [index, index] });
  }
  return loops.slice(0, 60).map(({ name, range }) => ({
    name: `${name}, bars ${range[0] + 1} to ${range[1] + 1}`,
    range,
  }));
}

import { type LadderSettings } from "@/core/drill";
import { CLICK_ACCENTS, CLICK_FEELS, PER_BEAT, type Metronome } from "@/core/metronome";
import { useHearing } from "@/session";
import { SelectField } from "@/ui/controls";
import { Loudness } from "@/ui/hear";
import { usePracticeSettings } from "@/features/practice/state";

const PER_BEAT_WORDS = { 1: "Beats", 2: "Eighths", 3: "Triplets", 4: "Sixteenths" } as const;
const FEEL_WORDS = { straight: "Straight", swung: "Swung" } as const;
const ACCENT_WORDS = { first: "On one", backbeat: "On two and four", none: "None" } as const;
const GAPS = [
  [0, "Never silent"],
  [1, "1 silent after 3"],
  [2, "2 silent after 2"],
  [4, "4 silent after 4"],
] as const;
const SOUND_BARS: Readonly<Record<number, number>> = { 0: 1, 1: 3, 2: 2, 4: 4 };
const STEPS_BPM = [1, 2, 4, 6, 8, 10].map((step) => [step, String(step)] as const);
const TEMPOS = [40, 50, 60, 80, 100, 120, 140, 160, 180, 200, 240, 300].map(
  (bpm) => [bpm, String(bpm)] as const,
);

/** The metronome and the ladder, as the player wants them. */
export function TrainerPanel() {
  const { practice, set } = usePracticeSettings();
  const { hearing, setHearing } = useHearing();
  const { metronome, ladder, hearsChords } = practice;
  const setMetronome = (part: Partial<Metronome>) => set({ metronome: { ...metronome, ...part } });
  const setLadder = (part: Partial<LadderSettings>) => set({ ladder: { ...ladder, ...part } });
  return (
    <details className="panel p-3">
      <summary className="min-h-11 cursor-pointer content-center text-lg font-semibold">
        Metronome and ladder
      </summary>
      <div className="mt-2 flex flex-wrap items-end gap-3">
        <SelectField
          label="Clicks"
          value={metronome.perBeat}
          options={PER_BEAT.map((count) => [count, PER_BEAT_WORDS[count]] as const)}
          onChange={(perBeat) => setMetronome({ perBeat })}
        />
        <SelectField
          label="Feel"
          value={metronome.feel}
          options={CLICK_FEELS.map((feel) => [feel, FEEL_WORDS[feel]] as const)}
          onChange={(feel) => setMetronome({ feel })}
        />
        <SelectField
          label="Accents"
          value={metronome.accents}
          options={CLICK_ACCENTS.map((accents) => [accents, ACCENT_WORDS[accents]] as const)}
          onChange={(accents) => setMetronome({ accents })}
        />
        <SelectField
          label="Silent bars"
          value={metronome.silentBars}
          options={GAPS}
          onChange={(silentBars) =>
            setMetronome({ silentBars, soundBars: SOUND_BARS[silentBars] ?? 1 })
          }
        />
        <SelectField
          label="Step up by"
          value={ladder.stepBpm}
          options={STEPS_BPM}
          onChange={(stepBpm) => setLadder({ stepBpm })}
        />
        <SelectField
          label="Slowest"
          value={ladder.minBpm}
          options={TEMPOS.filter(([bpm]) => bpm <= ladder.maxBpm)}
          onChange={(minBpm) => setLadder({ minBpm })}
        />
        <SelectField
          label="Fastest"
          value={ladder.maxBpm}
          options={TEMPOS.filter(([bpm]) => bpm >= ladder.minBpm)}
          onChange={(maxBpm) => setLadder({ maxBpm })}
        />
        <label className="flex min-h-11 items-center gap-2">
          <input
            type="checkbox"
            checked={ladder.leavesRoom}
            onChange={({ target }) => setLadder({ leavesRoom: target.checked })}
          />
          Leave room before a change
        </label>
        <label className="flex min-h-11 items-center gap-2">
          <input
            type="checkbox"
            checked={hearsChords}
            onChange={({ target }) => set({ hearsChords: target.checked })}
          />
          Hear the chords
        </label>
        <Loudness value={hearing.loudness} onChange={(loudness) => setHearing({ loudness })} />
      </div>
    </details>
  );
}

import { DEFAULT_WEIGHTS, HIGHEST_WEIGHT, WEIGHT_NAMES, type WeightName } from "@/core/gripSearch";
import { MAX_MINUTES } from "@/state";
import { type ShownComparison } from "@/features/compare/results";
import { retuneMinutesText } from "@/features/compare/results";

const NAMES: Readonly<Record<WeightName, readonly [name: string, what: string]>> = {
  ease: ["Ease", "less effort for the hand"],
  usual: ["As usual", "the places that players take"],
  low: ["Low", "a lower lowest note"],
  clear: ["Clear", "less roughness between the notes"],
  ringing: ["Ringing", "more open strings that ring"],
  retuning: ["Little retuning", "few strings, small steps, rather down than up"],
};

/** How much each term counts, by sliders; everything follows while they move. */
export function WeightSliders({ shown }: { readonly shown: ShownComparison }) {
  const { comparison, preview, commit, set } = shown;
  const { weights, minutesPerString } = comparison;
  return (
    <div
      role="group"
      aria-label="What counts"
      className="panel flex flex-wrap items-start gap-x-5 gap-y-3 p-3"
    >
      {WEIGHT_NAMES.map((term) => (
        <Slider
          key={term}
          name={NAMES[term][0]}
          what={NAMES[term][1]}
          value={weights[term]}
          text={weights[term] === 0 ? "off" : `× ${weights[term].toFixed(1)}`}
          max={HIGHEST_WEIGHT}
          onMove={(value) => preview({ weights: { ...weights, [term]: value } })}
          onDone={commit}
        />
      ))}
      <Slider
        name="On stage"
        what="how long turning one string takes"
        value={minutesPerString}
        text={retuneMinutesText(minutesPerString)}
        max={Math.min(3, MAX_MINUTES)}
        onMove={(value) => preview({ minutesPerString: value })}
        onDone={commit}
      />
      <button
        type="button"
        className="button self-center px-3"
        onClick={() => set({ weights: DEFAULT_WEIGHTS })}
      >
        Reset
      </button>
    </div>
  );
}

interface SliderProps {
  readonly name: string;
  readonly what: string;
  readonly value: number;
  readonly text: string;
  readonly max: number;
  readonly onMove: (value: number) => void;
  readonly onDone: () => void;
}

const STEP = 0.1;

function Slider({ name, what, value, text, max, onMove, onDone }: SliderProps) {
  return (
    <label className="w-40">
      <span className="flex justify-between">
        <span className="font-medium">{name}</span>
        <span className="figures text-muted">{text}</span>
      </span>
      <input
        type="range"
        min={0}
        max={max}
        step={STEP}
        value={value}
        aria-valuetext={text}
        className="mt-1 h-8 w-full accent-(--ink)"
        onChange={({ target }) => onMove(Number(target.value))}
        onPointerUp={onDone}
        onKeyUp={onDone}
        onBlur={onDone}
      />
      <span className="block text-[15px] leading-tight text-muted">{what}</span>
    </label>
  );
}

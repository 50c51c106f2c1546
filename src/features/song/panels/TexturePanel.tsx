import { useState } from "react";
import {
  ACCENTS,
  FEELS,
  MOTIONS,
  PLAIN_TEXTURE,
  readTexture,
  STROKES,
  textureText,
  TOUCHES,
  type Texture,
} from "@/core/song";
import { ChoiceButton } from "@/ui/controls";

interface TexturePanelProps {
  /** What is said now; null for nothing. */
  readonly texture: string | null;
  /** "Verse", "bar 3", "A5". */
  readonly scopes: readonly string[];
  readonly scope: string;
  readonly onScope: (scope: string) => void;
  /** Steps of a sixteenth in a bar. */
  readonly steps: number;
  readonly onChange: (texture: string | null) => void;
}

const WORDS: Readonly<Record<string, string>> = {
  ringing: "Ringing",
  muted: "Palm-muted",
  choked: "Choked hits between",
  once: "Once",
  quarters: "Quarters",
  eighths: "Eighths",
  picked: "Picked, low high at the end",
  "picked-mid": "Picked, low mid at the end",
  straight: "Straight",
  shuffle: "Shuffle",
  alternating: "Down and up",
  down: "Down only",
  even: "Even",
  downbeat: "Accent on 1",
  backbeat: "Accents on 2 and 4",
};

/** Two clicks for what songs do most (common practice). */
const READY = [
  ["Quiet verse", "muted eighths down"],
  ["Loud chorus", "ringing eighths"],
] as const;

/** How a section, a bar or a chord is played. */
export function TexturePanel(props: TexturePanelProps) {
  const { texture: text, scopes, scope, onScope, steps, onChange } = props;
  const read = text === null ? null : readTexture(text);
  const texture = read?.ok ? read.value : PLAIN_TEXTURE;
  const set = (part: Partial<Texture>) => onChange(textureText({ ...texture, ...part }));
  return (
    <div role="group" aria-label="Texture" className="panel space-y-3 p-3">
      <div className="flex flex-wrap items-end gap-3">
        <Row label="Of" words={scopes} current={scope} onPress={onScope} />
        <div className="flex flex-wrap gap-2">
          {READY.map(([name, ready]) => (
            <button key={name} type="button" className="button" onClick={() => onChange(ready)}>
              {name}
            </button>
          ))}
          {text !== null && (
            <button type="button" className="button" onClick={() => onChange(null)}>
              Say nothing
            </button>
          )}
        </div>
      </div>
      <div className="flex flex-wrap items-end gap-3">
        <Row
          label="Strings"
          words={TOUCHES}
          current={texture.touch}
          onPress={(touch) => set({ touch })}
        />
        <Row
          label="Strums"
          words={MOTIONS}
          current={texture.pattern === null ? texture.motion : ""}
          onPress={(motion) => set({ motion, pattern: null })}
        />
        <Row label="Feel" words={FEELS} current={texture.feel} onPress={(feel) => set({ feel })} />
        <Row
          label="Strokes"
          words={STROKES}
          current={texture.stroke}
          onPress={(stroke) => set({ stroke })}
        />
        <Row
          label="Accents"
          words={ACCENTS}
          current={texture.accent}
          onPress={(accent) => set({ accent })}
        />
      </div>
      <Pattern pattern={texture.pattern} steps={steps} onChange={(pattern) => set({ pattern })} />
    </div>
  );
}

interface RowProps<T extends string> {
  readonly label: string;
  readonly words: readonly T[];
  readonly current: string;
  readonly onPress: (word: T) => void;
}

function Row<T extends string>({ label, words, current, onPress }: RowProps<T>) {
  return (
    <div role="group" aria-label={label}>
      <span className="field-label">{label}</span>
      <div className="flex flex-wrap gap-0.5">
        {words.map((word) => (
          <ChoiceButton
            key={word}
            pressed={word === current}
            onPress={() => onPress(word)}
            className="px-3"
          >
            {WORDS[word] ?? word}
          </ChoiceButton>
        ))}
      </div>
    </div>
  );
}

/** What a step goes to when it is pressed, and how it is called. */
const SIGNS = ["-", "x", "X", "m", "c"] as const;
const SIGN_WORDS = ["nothing", "a strum", "an accent", "muted", "choked"] as const;
const SIXTEENTHS = 4;

interface PatternProps {
  readonly pattern: string | null;
  readonly steps: number;
  readonly onChange: (pattern: string | null) => void;
}

/** The player's own pattern: a step a sixteenth; press a step, or type the signs. */
function Pattern({ pattern, steps, onChange }: PatternProps) {
  const [typed, setTyped] = useState<string | null>(null);
  const shown = (pattern ?? "").padEnd(steps, "-").slice(0, steps);
  const isFine = typed === null || /^[xXmc.-]{4,24}$/.test(typed);
  return (
    <div role="group" aria-label="Own pattern" className="space-y-1">
      <span className="field-label">Own pattern, a step a sixteenth</span>
      <div className="flex flex-wrap items-center gap-x-3 gap-y-2">
        <div className="flex flex-wrap gap-y-1">
          {[...shown].map((sign, step) => {
            const at = Math.max(0, SIGNS.indexOf(sign as (typeof SIGNS)[number]));
            const next = SIGNS[(at + 1) % SIGNS.length] ?? "-";
            return (
              <button
                key={step}
                type="button"
                aria-label={`Step ${step + 1}: ${SIGN_WORDS[at] ?? ""}`}
                className={`h-11 w-7 border border-line font-semibold ${step % SIXTEENTHS === 0 ? "ml-1.5" : ""} ${sign === "-" ? "bg-surface text-muted" : "bg-inverse text-on-inverse"}`}
                onClick={() => onChange(shown.slice(0, step) + next + shown.slice(step + 1))}
              >
                {sign === "-" ? "·" : sign}
              </button>
            );
          })}
        </div>
        <label className="flex items-center gap-2">
          <span className="text-[15px] text-muted">or type it</span>
          <input
            className="field figures w-60"
            aria-invalid={isFine ? undefined : true}
            value={typed ?? pattern ?? ""}
            spellCheck={false}
            placeholder="x--x--x-x--x--x-"
            maxLength={24}
            onChange={({ target }) => setTyped(target.value)}
            onBlur={() => {
              if (typed !== null && typed !== "" && isFine) onChange(typed.replaceAll(".", "-"));
              setTyped(null);
            }}
          />
        </label>
        {!isFine && (
          <span role="alert" className="text-[15px] text-warning">
            x strum, X accent, m muted, c choked, - nothing; 4 to 24 steps
          </span>
        )}
      </div>
    </div>
  );
}

"use client";

import {
  HIGHEST_SPAN_MM,
  LOWEST_SPAN_MM,
  NARROWEST_FINGERTIP_MM,
  WIDEST_FINGERTIP_MM,
  type Exclusion,
  type School,
} from "@/core/hand";
import { FASTEST_DOWN_STROKES_BPM, SLOWEST_DOWN_STROKES_BPM } from "@/core/arrangement";
import { A4_HZ, centsOver, HIGHEST_A4_HZ, LOWEST_A4_HZ, type Accidentals } from "@/core/pitch";
import { type Tilt } from "@/core/preference";
import { type TensionLimits } from "@/core/strings";
import { useInstrument, usePlayer, useRig, useSettings } from "@/session";
import { PLAYER_ID, type Naming, type Profile, type Theme } from "@/state";
import { Section } from "@/ui/controls";
import { LEVEL_WORDS } from "@/ui/text";
import { MeasureSpan } from "./MeasureSpan";
import { NumberField } from "./NumberField";
import { Options } from "./Options";

const PARTS: readonly (readonly [Exclusion, string])[] = [
  [1, "Index"],
  [2, "Middle"],
  [3, "Ring"],
  [4, "Little"],
  ["T", "Thumb"],
  ["barre", "Barres"],
];
const SCHOOL_NAMES: readonly (readonly [School, string])[] = [
  ["ring and little", "Ring and little"],
  ["ring barre", "Ring finger flat"],
  ["index and little", "Index and little"],
  ["thumb allowed", "Thumb round the neck"],
];
const LEVEL_NAMES = LEVEL_WORDS.map(([level, name]) => [level, name] as const);
const BAND_NAMES: readonly (readonly [boolean, string])[] = [
  [false, "No bass: low grips first"],
  [true, "A bass covers the low notes"],
];
const PIN_NAMES: readonly (readonly [boolean, string])[] = [
  [true, "Adjust the order"],
  [false, "Leave the order alone"],
];

/** How the pins shift the list, in words; each part is bounded. */
function pinTiltText(learns: boolean, tilt: Tilt | null): string {
  if (!learns) return "The list follows what players usually take.";
  const { perFret = 0, perOpenString = 0 } = tilt ?? {};
  const parts = [
    ...(perFret === 0
      ? []
      : [`${Math.abs(perFret).toFixed(2)} points a fret ${perFret < 0 ? "up" : "down"} the neck`]),
    ...(perOpenString === 0
      ? []
      : [
          `${Math.abs(perOpenString).toFixed(2)} points ${perOpenString < 0 ? "for" : "against"} each open string`,
        ]),
  ];
  return parts.length === 0
    ? "So far your pins match what players usually take: they change nothing."
    : `Your pins adjust the list by ${parts.join(" and ")}.`;
}

const ACCIDENTAL_NAMES: readonly (readonly [Accidentals, string])[] = [
  ["mixed", "As charts do"],
  ["sharps", "Sharps"],
  ["flats", "Flats"],
];
const NAMING_NAMES: readonly (readonly [Naming, string])[] = [
  ["sounding", "As they sound"],
  ["shape", "By shape: drop C as if in drop D"],
];

const THEME_NAMES: readonly (readonly [Theme, string])[] = [
  ["system", "As the system"],
  ["light", "Light"],
  ["dark", "Dark"],
];

const SHARES = [
  ["slackShare", "Slack below", "% of usual"],
  ["stressShare", "Near breaking above", "%"],
  ["totalShare", "Change of total pull", "%"],
] as const;

/** The player: hand, habits, names and reference pitch; everything else is computed for them. */
export function PlayerScreen() {
  const { profile, pins, change } = useRig();
  const { guitar } = useInstrument();
  const { pinTilt } = usePlayer();
  const { settings, set: setSettings } = useSettings();
  const set = (fields: Partial<Profile>) =>
    void change({ act: "set", kind: "profile", id: PLAYER_ID, fields });
  const setLimit = (part: Partial<TensionLimits>) =>
    set({ limits: { ...profile.limits, ...part } });
  const toggle = (part: Exclusion) =>
    set({
      without: profile.without.includes(part)
        ? profile.without.filter((other) => other !== part)
        : [...profile.without, part],
    });
  const cents = centsOver(A4_HZ, profile.a4Hz);

  return (
    <div className="grid gap-x-10 gap-y-8 lg:grid-cols-2">
      <Section title="Your hand and level">
        <Options
          label="How long have you played?"
          options={LEVEL_NAMES}
          isPressed={(level) => level === profile.level}
          onPress={(level) => set({ level })}
        />
        <p className="text-[15px] text-muted">
          {LEVEL_WORDS.find(([level]) => level === profile.level)?.[2]}
        </p>
        <NumberField
          label="Span"
          unit="mm"
          value={profile.spanMm}
          low={LOWEST_SPAN_MM}
          high={HIGHEST_SPAN_MM}
          onChange={(spanMm) => set({ spanMm })}
          className="w-40"
        />
        <MeasureSpan guitar={guitar} onMeasured={(spanMm) => set({ spanMm })} />
        <div>
          <NumberField
            label="Fingertip"
            unit="mm"
            value={profile.fingertipMm}
            low={NARROWEST_FINGERTIP_MM}
            high={WIDEST_FINGERTIP_MM}
            onChange={(fingertipMm) => set({ fingertipMm })}
            className="w-40"
          />
          <p className="mt-1 text-[15px] text-muted">
            Press your ring finger on a ruler as on a string, and measure how wide it gets.
          </p>
        </div>
        <Options
          label="Fingers not used"
          options={PARTS}
          isPressed={(part) => profile.without.includes(part)}
          onPress={toggle}
        />
        <Options
          label="Root, fifth, octave with"
          options={SCHOOL_NAMES}
          isPressed={(school) => school === profile.school}
          onPress={(school) => set({ school })}
        />
        <NumberField
          label="Down strokes, eighths up to"
          unit="bpm"
          value={profile.downStrokesBpm}
          low={SLOWEST_DOWN_STROKES_BPM}
          high={FASTEST_DOWN_STROKES_BPM}
          onChange={(bpm) => set({ downStrokesBpm: Math.round(bpm) })}
          className="w-56"
        />
        <p className="text-[15px] text-muted">
          If a stretch hurts, or fingers go numb or tingle: stop and rest; if it stays, see a doctor
          or a physiotherapist.
        </p>
      </Section>
      <div className="space-y-8">
        <Section title="Names and pitch">
          <Options
            label="Sharps and flats"
            options={ACCIDENTAL_NAMES}
            isPressed={(accidentals) => accidentals === profile.accidentals}
            onPress={(accidentals) => set({ accidentals })}
          />
          <Options
            label="Name chords"
            options={NAMING_NAMES}
            isPressed={(naming) => naming === profile.naming}
            onPress={(naming) => set({ naming })}
          />
          <Options
            label="Theme"
            options={THEME_NAMES}
            isPressed={(theme) => theme === settings.theme}
            onPress={(theme) => setSettings({ theme })}
          />
          <div>
            <NumberField
              label="A4"
              unit="Hz"
              value={profile.a4Hz}
              low={LOWEST_A4_HZ}
              high={HIGHEST_A4_HZ}
              onChange={(a4Hz) => set({ a4Hz })}
              className="w-40"
            />
            <p className="figures mt-1 text-[15px] text-muted">
              {cents === 0
                ? "Concert pitch."
                : `${Math.abs(cents).toFixed(1)} cents ${cents > 0 ? "above" : "below"} concert pitch, 440 Hz.`}
            </p>
          </div>
        </Section>
        <Section title="What comes first">
          <Options
            label="In the band"
            options={BAND_NAMES}
            isPressed={(withBass) => withBass === profile.withBass}
            onPress={(withBass) => set({ withBass })}
          />
          <Options
            label="Your pins"
            options={PIN_NAMES}
            isPressed={(learns) => learns === profile.learnsFromPins}
            onPress={(learnsFromPins) => set({ learnsFromPins })}
          />
          <p className="text-[15px] text-muted">{pinTiltText(profile.learnsFromPins, pinTilt)}</p>
          {pinTilt && (
            <button
              type="button"
              className="button"
              onClick={() => set({ pinsLearntAfter: Math.max(0, ...pins.map(({ id }) => id)) })}
            >
              Forget these pins
            </button>
          )}
        </Section>
        <details>
          <summary className="min-h-11 cursor-pointer py-2 text-xl font-semibold">
            Strings and tension
          </summary>
          <div className="mt-2 space-y-4">
            <p className="text-[15px] text-muted">When Retune and Rig warn of a string.</p>
            <div className="flex flex-wrap gap-4">
              {SHARES.map(([part, label, unit]) => (
                <NumberField
                  key={part}
                  label={label}
                  unit={unit}
                  value={percent(profile.limits[part])}
                  low={1}
                  high={100}
                  onChange={(share) => setLimit({ [part]: share / 100 })}
                  className="w-48"
                />
              ))}
              <NumberField
                label="Strength of plain steel"
                unit="MPa"
                value={profile.limits.strengthMpa}
                low={500}
                high={5000}
                onChange={(strengthMpa) => setLimit({ strengthMpa })}
                className="w-48"
              />
            </div>
            <p className="text-[15px] text-muted">
              These figures are from memory and common practice, not from a standard; your
              strings&apos; maker knows better.
            </p>
          </div>
        </details>
      </div>
    </div>
  );
}

function percent(share: number): number {
  return Math.round(1000 * share) / 10;
}

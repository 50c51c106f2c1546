import { NO_PLAY_LIMITS, type PlayLimits, type SongSettings } from "@/core/arrangement";
import { voicingName, VOICINGS } from "@/core/voicing";
import { MAX_STRINGS } from "@/core/tuning";
import { type Neck } from "@/core/neck";
import { useRig } from "@/session";
import { ChoiceButton, SelectField } from "@/ui/controls";
import { withSigns } from "@/ui/text";
import { sectionName } from "@/features/song/state";

interface LimitsPanelProps {
  readonly settings: SongSettings;
  readonly neck: Neck;
  readonly sections: readonly string[];
  /** Whose limits are shown; null for the song's. */
  readonly section: string | null;
  readonly onSection: (section: string | null) => void;
  readonly onChange: (part: Partial<SongSettings>) => void;
}

const WHOLE = "whole";
const FIVES = "fives";
const ANY = "any";

/** What the player asks of the grips: for the song, or for one section. */
export function LimitsPanel(props: LimitsPanelProps) {
  const { settings, neck, sections, section, onSection, onChange } = props;
  const { ownVoicings } = useRig();
  const { limits: song, sectionLimits, allAsPowerChords, minNotes } = settings;
  const own = section === null ? song : sectionLimits[section];
  const limits = own ?? song;
  const set = (part: Partial<PlayLimits>) => {
    const next = { ...limits, ...part };
    onChange(
      section === null
        ? { limits: next }
        : { sectionLimits: { ...sectionLimits, [section]: next } },
    );
  };
  const [low, high] = limits.frets ?? [0, neck.frets];
  const voicings = [
    ...VOICINGS.map(({ name, semitones }) => ({ name, voicing: semitones })),
    ...ownVoicings,
  ];
  const listed = voicings.filter(
    ({ voicing }, index) =>
      voicings.findIndex((each) => each.voicing.join() === voicing.join()) === index,
  );
  const isListed = listed.some(({ voicing }) => voicing.join() === limits.powerChordVoicing.join());
  const shown = isListed
    ? listed
    : [
        { name: voicingName(limits.powerChordVoicing), voicing: limits.powerChordVoicing },
        ...listed,
      ];
  const strings = neck.midi.length;
  return (
    <div role="group" aria-label="Limits" className="panel space-y-3 p-3">
      <div className="flex flex-wrap items-end gap-3">
        <SelectField
          label="Limits of"
          value={section ?? WHOLE}
          options={[
            [WHOLE, "the whole song"],
            ...[...new Set(sections)].map((key) => [key, sectionName(key)] as const),
          ]}
          onChange={(value) => onSection(value === WHOLE ? null : value)}
        />
        <SelectField
          label="Chords"
          value={allAsPowerChords ? FIVES : String(minNotes)}
          options={[
            [FIVES, "all as power chords"],
            ...Array.from({ length: strings - 1 }, (_, index) => {
              const min = String(index + 2);
              return [min, `whole, on ${min} strings or more`] as const;
            }),
          ]}
          onChange={(value) =>
            onChange(
              value === FIVES
                ? { allAsPowerChords: true }
                : { allAsPowerChords: false, minNotes: Number(value) },
            )
          }
        />
        <SelectField
          label="Power chords as"
          value={limits.powerChordVoicing.join()}
          options={shown.map(({ name, voicing }) => [voicing.join(), withSigns(name)] as const)}
          onChange={(value) => set({ powerChordVoicing: value.split(",").map(Number) })}
        />
        <SelectField
          label="From fret"
          value={low}
          options={Array.from({ length: neck.frets }, (_, fret) => [fret, String(fret)] as const)}
          onChange={(fret) => set({ frets: rangeOf(fret, Math.max(high, fret), neck.frets) })}
        />
        <SelectField
          label="To fret"
          value={high}
          options={Array.from(
            { length: neck.frets },
            (_, fret) => [fret + 1, String(fret + 1)] as const,
          )}
          onChange={(fret) => set({ frets: rangeOf(Math.min(low, fret), fret, neck.frets) })}
        />
        <SelectField
          label="Open strings"
          value={limits.openStrings}
          options={[
            ["any", "as they come"],
            ["wanted", "wanted"],
            ["none", "none"],
          ]}
          onChange={(openStrings) => set({ openStrings })}
        />
        <SelectField
          label="At most"
          value={limits.maxNotes ?? ANY}
          options={[
            [ANY, "any notes"],
            ...Array.from({ length: Math.min(strings, MAX_STRINGS) }, (_, index) => {
              const max = index + 1;
              return [max, max === 1 ? "1 note" : `${max} notes`] as const;
            }),
          ]}
          onChange={(max) => set({ maxNotes: typeof max === "number" ? max : null })}
        />
      </div>
      <div className="flex flex-wrap items-end gap-3">
        <div role="group" aria-labelledby="root-strings">
          <span id="root-strings" className="field-label">
            {limits.rootStrings ? "Roots on string" : "Roots on any string"}
          </span>
          <div className="flex gap-0.5">
            {neck.midi.map((_, string) => {
              const isOn = limits.rootStrings?.includes(string) ?? false;
              return (
                <ChoiceButton
                  key={string}
                  pressed={isOn}
                  label={`Roots on string ${strings - string}`}
                  className="w-11"
                  onPress={() => set({ rootStrings: toggled(limits.rootStrings, string, strings) })}
                >
                  {strings - string}
                </ChoiceButton>
              );
            })}
          </div>
        </div>
        <ChoiceButton
          pressed={limits.withoutLowest}
          className="px-3"
          onPress={() => set({ withoutLowest: !limits.withoutLowest })}
        >
          A bass covers the low notes
        </ChoiceButton>
        {limits.withoutLowest && (
          <p className="text-[15px] text-muted">
            Every grip leaves out its low root. Grips of two notes, grips with another note lowest
            and pinned grips stay whole.
          </p>
        )}
        {section !== null && own && (
          <button
            type="button"
            className="button"
            onClick={() => {
              const { [section]: _dropped, ...rest } = sectionLimits;
              onChange({ sectionLimits: rest });
            }}
          >
            As the whole song
          </button>
        )}
        {section === null && JSON.stringify(song) !== JSON.stringify(NO_PLAY_LIMITS) && (
          <button
            type="button"
            className="button"
            onClick={() => onChange({ limits: NO_PLAY_LIMITS })}
          >
            No limits
          </button>
        )}
      </div>
      {section !== null && !own && (
        <p className="text-[15px] text-muted">
          As the whole song, until something is changed here.
        </p>
      )}
    </div>
  );
}

function rangeOf(low: number, high: number, frets: number): PlayLimits["frets"] {
  return low === 0 && high === frets ? null : [low, high];
}

/** The strings with one more or one less; all of them, and none of them, ask nothing. */
function toggled(
  strings: PlayLimits["rootStrings"],
  string: number,
  count: number,
): PlayLimits["rootStrings"] {
  if (!strings) return [string];
  const next = strings.includes(string)
    ? strings.filter((each) => each !== string)
    : [...strings, string].sort((a, b) => a - b);
  return next.length === 0 || next.length === count ? null : next;
}

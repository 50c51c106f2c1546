import { useMemo, useState } from "react";
import { type Level } from "@/core/motion";
import { type Midi } from "@/core/pitch";
import { samePitches, TUNING_GROUPS, usualMidi } from "@/core/tuning";
import { newId, useRig, useTuningShelf, useView } from "@/session";
import { newGuitar, PLAYER_ID } from "@/state";
import { type Act } from "@/wire";
import { ChoiceButton } from "@/ui/controls";
import { LEVEL_WORDS, NoteText, spokenNotes } from "@/ui/text";
import { SayTuning, useSaying } from "@/ui/tuning";

const COUNTS = [4, 5, 6, 7, 8, 9, 10];
const SIX = 6;
/** The first of every kind: standard, drop, double drop, open. */
const EACH_KIND = 3;
const MAX_SHOWN = 12;

/** Before anything was chosen: which guitar, which tuning; then the neck with its usual grip. */
export function FirstUse() {
  const { guitars, profile, change } = useRig();
  const { show } = useView();
  const [strings, setStrings] = useState(SIX);
  const [leftHanded, setLeftHanded] = useState(false);
  const [level, setLevel] = useState<Level>(profile.level);
  const [midi, setMidi] = useState<readonly Midi[]>(usualMidi(SIX));
  const tunings = useMemo(
    () =>
      TUNING_GROUPS.flatMap((group) =>
        group.tunings.filter(({ midi: each }) => each.length === strings).slice(0, EACH_KIND),
      ).slice(0, MAX_SHOWN),
    [strings],
  );
  // A tuning is read for these strings, whether or not there is such a guitar yet.
  const requested = useMemo(
    () => ({ ...guitars[0], usualMidi: usualMidi(strings) }),
    [guitars, strings],
  );
  const saying = useSaying(useTuningShelf(), requested, true);
  const takeStrings = (count: number) => {
    setStrings(count);
    setMidi(usualMidi(count));
  };
  const begin = () => {
    const own = guitars.find(({ usualMidi: usual }) => usual.length === strings);
    const id = own?.id ?? newId();
    const act: Act = own
      ? { act: "set", kind: "guitar", id, fields: { tunedMidi: midi, leftHanded } }
      : {
          act: "add",
          kind: "guitar",
          id,
          value: { ...newGuitar(strings), leftHanded, tunedMidi: midi },
        };
    void change(act);
    if (level !== profile.level) {
      void change({ act: "set", kind: "profile", id: PLAYER_ID, fields: { level } });
    }
    show({ guitarId: id, tuningMidi: midi });
  };

  return (
    <div className="mx-auto max-w-3xl space-y-4 py-1">
      <h1 className="text-3xl font-bold">What do you play?</h1>
      <section aria-labelledby="first-strings" className="space-y-2">
        <h2 id="first-strings" className="text-xl font-semibold">
          Strings
        </h2>
        <div className="flex flex-wrap gap-1.5">
          {COUNTS.map((count) => (
            <ChoiceButton
              key={count}
              pressed={count === strings}
              label={`${count} strings`}
              onPress={() => takeStrings(count)}
              className="figures min-h-14 min-w-14 text-2xl"
            >
              {count}
            </ChoiceButton>
          ))}
          <ChoiceButton
            pressed={leftHanded}
            onPress={() => setLeftHanded(!leftHanded)}
            className="min-h-14 px-4 text-lg"
          >
            Left-handed
          </ChoiceButton>
        </div>
      </section>
      <section aria-labelledby="first-tuning" className="space-y-2">
        <h2 id="first-tuning" className="text-xl font-semibold">
          Tuning
        </h2>
        <div className="flex flex-wrap gap-1.5">
          {tunings.map((tuning) => (
            <ChoiceButton
              key={tuning.name}
              pressed={samePitches(tuning.midi, midi)}
              label={spokenNotes(tuning.name)}
              onPress={() => setMidi(tuning.midi)}
              className="min-h-14 px-4 text-lg"
            >
              <NoteText>{tuning.name}</NoteText>
            </ChoiceButton>
          ))}
        </div>
        <SayTuning saying={saying} current={midi} onChoose={setMidi} action="Use it" />
      </section>
      <section aria-labelledby="first-level" className="space-y-2">
        <h2 id="first-level" className="text-xl font-semibold">
          How long have you played?
        </h2>
        <div className="grid gap-1.5 sm:grid-cols-3">
          {LEVEL_WORDS.map(([each, name, can]) => (
            <ChoiceButton
              key={each}
              pressed={each === level}
              onPress={() => setLevel(each)}
              className="flex min-h-14 flex-col items-start px-4 py-2 text-left text-lg"
            >
              <span className="font-semibold">{name}</span>
              <span className={`text-[15px] ${each === level ? "" : "text-muted"}`}>{can}</span>
            </ChoiceButton>
          ))}
        </div>
      </section>
      {/* In reach from the first screen on, on a phone too. */}
      <div className="sticky bottom-0 bg-ground py-3 max-sm:-mx-4 max-sm:border-t max-sm:border-line max-sm:px-4">
        <button
          type="button"
          className="button button-primary min-h-14 px-8 text-xl max-sm:w-full"
          onClick={begin}
        >
          Show my neck
        </button>
      </div>
      <p className="text-muted">
        Scale length, frets, gauges and your hand can be added later, in the Rig.
      </p>
    </div>
  );
}

import { useMemo, useState } from "react";
import { DEFAULT_FRETS, makeNeck } from "@/core/neck";
import { samePitches, TUNING_GROUPS, UNKNOWN_STRING, usualMidi } from "@/core/tuning";
import { type Midi } from "@/core/pitch";
import { changeGuitar, createGuitar, noteTuned } from "@/server/actions";
import { type Guitar, type GuitarContent } from "@/server/types";
import { ChoiceButton } from "@/ui/controls";
import { NoteText, spokenNotes } from "@/ui/text";
import { SayTuning, useSaying } from "@/ui/tunings";
import { useWorkspace } from "@/ui/workspace";

const COUNTS = [4, 5, 6, 7, 8, 9, 10];
const SIX = 6;
/** The first of every kind: standard, drop, double drop, open. */
const EACH_KIND = 3;
const MOST_SHOWN = 12;

/** Before anything was chosen: which guitar, which tuning; then the neck with its usual grip. */
export function FirstUse() {
  const { guitars, choose, change } = useWorkspace();
  const [strings, setStrings] = useState(SIX);
  const [leftHanded, setLeftHanded] = useState(false);
  const [midi, setMidi] = useState<readonly Midi[]>(usualMidi(SIX));
  const [isBusy, setIsBusy] = useState(false);
  const tunings = useMemo(
    () =>
      TUNING_GROUPS.flatMap((group) =>
        group.tunings.filter(({ midi: each }) => each.length === strings).slice(0, EACH_KIND),
      ).slice(0, MOST_SHOWN),
    [strings],
  );
  // A tuning is read for these strings, whether or not there is such a guitar yet.
  const asked = useMemo(
    () => ({ ...guitars[0], usualMidi: usualMidi(strings) }),
    [guitars, strings],
  );
  const saying = useSaying(asked, true);
  const takeStrings = (count: number) => {
    setStrings(count);
    setMidi(usualMidi(count));
  };
  const begin = async () => {
    setIsBusy(true);
    const own = guitars.find(({ usualMidi: usual }) => usual.length === strings);
    const id = own?.id ?? (await addGuitar(strings));
    if (id === null) return setIsBusy(false);
    if (leftHanded)
      await change(
        changeGuitar(id, { ...(own ? contentOf(own) : newGuitar(strings)), leftHanded }),
      );
    await change(noteTuned({ id, midi }));
    choose({ guitarId: id, tuningMidi: midi });
  };
  const addGuitar = async (count: number) => {
    const rig = await change(createGuitar(newGuitar(count)));
    return rig?.guitars.at(-1)?.id ?? null;
  };

  return (
    <div className="mx-auto max-w-3xl space-y-7 py-6">
      <h1 className="text-4xl font-bold">What do you play?</h1>
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
        <SayTuning saying={saying} current={midi} onChoose={setMidi} action="Take it" />
      </section>
      <button
        type="button"
        className="button button-primary min-h-14 px-8 text-xl"
        disabled={isBusy}
        onClick={() => void begin()}
      >
        Show my neck
      </button>
      <p className="text-muted">
        Scale length, frets, gauges and your hand can be told later, in the Rig.
      </p>
    </div>
  );
}

function contentOf({ id: _id, tunedMidi: _tuned, ...content }: Guitar): GuitarContent {
  return content;
}

/** A plain guitar of so many strings, as on a common electric one. */
function newGuitar(strings: number): GuitarContent {
  const neck = makeNeck({ midi: usualMidi(strings) });
  if (!neck.ok) throw new Error(neck.problem.message);
  const { scaleMm, trebleScaleMm, perpendicularFret, nutMm, bridgeMm, capo } = neck.value;
  return {
    name: `${strings} strings`,
    usualMidi: usualMidi(strings),
    frets: DEFAULT_FRETS,
    scaleMm,
    trebleScaleMm,
    perpendicularFret,
    nutMm,
    bridgeMm,
    capo,
    leftHanded: false,
    bridge: "fixed",
    strings: Array.from({ length: strings }, () => UNKNOWN_STRING),
  };
}

import { memo, useCallback, useState } from "react";
import { Ban, Hand, Pin, PinOff } from "lucide-react";
import {
  addMark,
  placeOf,
  type ArrangedChord,
  type Arrangement,
  type Mark,
  type MarkPlace,
} from "@/core/arrangement";
import { type Fingering } from "@/core/hand";
import { type Neck } from "@/core/neck";
import { parseNote, pitchClassOf } from "@/core/pitch";
import { useRig } from "@/session";
import { type Guitar, type Pin as OwnPin } from "@/state";
import { lastValue, useComputed } from "@/ui/computed";
import { ChoiceButton, onDemand } from "@/ui/controls";
import { FretText, spokenFretting } from "@/ui/grip";
import { NoteText } from "@/ui/text";
import { compute, type SongPlanRequest } from "@/worker/client";
import { SongGrip } from "@/features/song/grip";

interface GripChoiceProps {
  /** The song that the route goes through; other grips wait for it, so that they take no time from it. */
  readonly request: SongPlanRequest;
  /** As they are now. */
  readonly marks: readonly Mark[];
  readonly arrangement: Arrangement;
  readonly chord: ArrangedChord;
  readonly index: number;
  readonly current: Fingering | undefined;
  readonly neck: Neck;
  readonly guitar: Guitar;
  readonly onMarks: (marks: readonly Mark[]) => void;
}

const GripOnNeck = onDemand("The neck", () =>
  import("./GripOnNeck").then((part) => part.GripOnNeck),
);

const REACHES = ["here", "in this section", "everywhere"] as const;
type Reach = (typeof REACHES)[number];
const MOST = 12;

/** Other grips of a chord: one is pinned, or the current one forbidden, here, in this section or everywhere. */
export const GripChoice = memo(function GripChoice(props: GripChoiceProps) {
  const { request, marks, arrangement, chord, index, current, neck, guitar, onMarks } = props;
  const { pins } = useRig();
  const [reach, setReach] = useState<Reach>("here");
  const [isOnNeck, setIsOnNeck] = useState(false);
  const found = useComputed(
    useCallback(async () => compute().songGrips(request, index, MOST), [request, index]),
  );
  const place = placeAt(reach, chord, arrangement);
  const own = pins.filter((pin) => fits(pin, chord, neck, guitar));
  const grips = uniqueGrips([
    ...(current ? [current] : []),
    ...own.map(({ fretting, fingers }) => ({ fretting, fingers })),
    ...(lastValue(found) ?? []),
  ]);
  const pinned = chord.marks.find(({ act }) => act === "pin");
  const isResting =
    pinned?.act === "pin" && current && pinned.fretting.join() !== current.fretting.join();
  const others = chord.marks.filter(({ act }) => act !== "pin");
  return (
    <section aria-labelledby="grips-title" className="space-y-2">
      <h2 id="grips-title" className="text-xl font-semibold">
        <NoteText>{`Grips of ${chord.name}`}</NoteText>
      </h2>
      {chord.leftOut.length > 0 && (
        <p className="text-[15px] text-muted">
          <NoteText>{`Played as ${chord.reducedTo}; left out: ${chord.leftOut.join(", ")}`}</NoteText>
        </p>
      )}
      {isResting && (
        <p className="flex flex-wrap items-baseline gap-x-2 text-[15px] text-muted">
          The pinned grip <FretText fretting={pinned.fretting} /> rests: your hand cannot hold it in
          this tuning.
        </p>
      )}
      <div role="group" aria-label="Where it holds" className="flex flex-wrap gap-0.5">
        {REACHES.map((each) => (
          <ChoiceButton
            key={each}
            pressed={reach === each}
            onPress={() => setReach(each)}
            className="px-3"
          >
            {each}
          </ChoiceButton>
        ))}
      </div>
      <ul className="flex gap-2 overflow-x-auto pb-2" aria-label="Grips to pin">
        {grips.map((fingering) => {
          const isCurrent = current?.fretting.join() === fingering.fretting.join();
          const { fretting, fingers } = fingering;
          return (
            <li key={fretting.join()} className="shrink-0">
              <button
                type="button"
                aria-pressed={isCurrent}
                aria-label={`Pin ${spokenFretting(fretting)} ${reach}`}
                className={`block w-32 rounded-lg border-2 bg-surface p-1.5 text-left ${isCurrent ? "border-root" : "border-line hover:border-ink"}`}
                onClick={() => onMarks(addMark(marks, { ...place, act: "pin", fretting, fingers }))}
              >
                <span className="flex items-center justify-between">
                  <FretText fretting={fretting} />
                  {isCurrent && pinned && !isResting && <Pin size={16} aria-hidden="true" />}
                </span>
                <SongGrip neck={neck} guitar={guitar} chord={chord} fingering={fingering} />
              </button>
            </li>
          );
        })}
      </ul>
      <div className="flex flex-wrap gap-2">
        <button
          type="button"
          className="button px-3"
          aria-haspopup="dialog"
          onClick={() => setIsOnNeck(true)}
        >
          <Hand size={18} aria-hidden="true" />
          Set one on the neck
        </button>
        {current && (
          <button
            type="button"
            className="button px-3"
            onClick={() =>
              onMarks(addMark(marks, { ...place, act: "forbid", fretting: current.fretting }))
            }
          >
            <Ban size={18} aria-hidden="true" />
            Not this grip {reach}
          </button>
        )}
        {pinned && (
          <button
            type="button"
            className="button px-3"
            onClick={() => onMarks(marks.filter((mark) => mark !== pinned))}
          >
            <PinOff size={18} aria-hidden="true" />
            Unpin
          </button>
        )}
        {others.map((mark, at) => (
          <button
            key={at}
            type="button"
            className="button px-3"
            onClick={() => onMarks(marks.filter((each) => each !== mark))}
          >
            {undoWords(mark)}
          </button>
        ))}
      </div>
      {isOnNeck && (
        <GripOnNeck
          chord={chord}
          neck={neck}
          guitar={guitar}
          first={current?.fretting ?? neck.midi.map(() => null)}
          onPin={(fretting) => {
            onMarks(addMark(marks, { ...place, act: "pin", fretting, fingers: null }));
            setIsOnNeck(false);
          }}
          onClose={() => setIsOnNeck(false)}
        />
      )}
    </section>
  );
});

function undoWords(mark: Mark): string {
  if (mark.act === "thin")
    return mark.notes === 1 ? "All notes, not the root only" : "All notes again";
  if (mark.act === "leave") return "Strum to the end again";
  if (mark.act === "scratch") return "Strum to the end, no scratch";
  return mark.act === "forbid"
    ? `Allow ${mark.fretting.map((fret) => fret ?? "x").join(" ")} again`
    : "Unpin";
}

function placeAt(reach: Reach, chord: ArrangedChord, arrangement: Arrangement): MarkPlace {
  const here = placeOf(chord, arrangement);
  if (reach === "here") return here;
  return { ...here, at: null, section: reach === "everywhere" ? null : here.section };
}

/** A pin of the same guitar and tuning whose chord has the same root. */
function fits(
  { guitarId, tuningMidi, root }: OwnPin,
  { chord }: ArrangedChord,
  neck: Neck,
  guitar: Guitar,
): boolean {
  const note = parseNote(root);
  return (
    guitarId === guitar.id &&
    tuningMidi.join() === neck.midi.join() &&
    note.ok &&
    pitchClassOf(note.value) === pitchClassOf(chord.root)
  );
}

function uniqueGrips<T extends Pick<Fingering, "fretting">>(grips: readonly T[]): readonly T[] {
  return grips.filter(
    ({ fretting }, index) =>
      grips.findIndex((other) => other.fretting.join() === fretting.join()) === index,
  );
}

import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { Ear } from "lucide-react";
import { type QuestionDrill, type Answer, type Question } from "@/core/drill";
import { type Fretting } from "@/core/fretting";
import { pitchClass } from "@/core/pitch";
import { CARD_FRETS, RESULTS } from "@/core/recall";
import { useHearing, useRig, useView } from "@/session";
import { PLAIN_ROUND, type RoundContent } from "@/state";
import { ChoiceButton, KeyCap, useEvent, useKeys } from "@/ui/controls";
import { useNames } from "@/ui/names";
import { PlainNeck, TapLayer } from "@/ui/neck";
import { NoteText, spokenNotes } from "@/ui/text";
import { QuestionMarks } from "./QuestionMarks";
import { localTime } from "@/features/practice/state";
import { NoteChoice } from "./NoteChoice";
import { type PlacedDrill } from "@/features/practice/state";
import { QUESTION_KEYS } from "@/features/practice/state";
import { useQuestionRound, type QuestionRound, type Verdict } from "./useQuestionRound";
import { useDetectedPitch } from "./useDetectedPitch";
import { type PracticeData } from "@/features/practice/state";
import { useNoteStage, usePracticeRig } from "@/features/practice/state";
import { rightAnswerText, verdictText } from "./verdictWords";
import { RESULT_WORDS } from "@/features/practice/state";

interface QuestionRunnerProps {
  readonly placed: PlacedDrill;
  readonly drill: QuestionDrill;
  readonly data: PracticeData;
  readonly isPaused: boolean;
  /** The part has had its time: the question that is asked is its last. */
  readonly isTimeUp: boolean;
  readonly onRound: (round: RoundContent) => void;
  readonly onOver: () => void;
}

/** What is right goes on by itself after so long, in ms. */
const GO_ON_MS = 900;
const NONE: readonly never[] = [];
/** C to B, as the keys of a keyboard. */
const NATURALS = [0, 2, 4, 5, 7, 9, 11];
const MANNERS = { ringing: "strum", muted: "mute", choked: "choke" } as const;
/** Between two sounds that are told apart. */
const APART_MS = 1600;

/** A drill that asks: on the neck, by key, by ear, or by what is played. */
export function QuestionRunner(props: QuestionRunnerProps) {
  const { placed, drill, data, isPaused, isTimeUp, onRound, onOver } = props;
  const { neck, guitar } = placed;
  const { rig } = usePracticeRig();
  const { profile } = useRig();
  const { thickOnTop, spacing } = useView().view;
  const { note } = useNames();
  const { hear } = useHearing();
  const [shift, setShift] = useState<-1 | 0 | 1>(0);

  const keep = useEvent((question: Question, { result, tookMs }: Verdict) => {
    onRound({
      ...PLAIN_ROUND,
      ...localTime(),
      drill: drill.key,
      kind: drill.kind,
      name: drill.name,
      result,
      seconds: tookMs / 1000,
      guitarId: guitar.id,
      tuningMidi: neck.midi.map((midi) => midi - neck.capo),
      card: question.card,
    });
  });
  const asked = useQuestionRound({
    drill,
    rig,
    cards: data.cards,
    newCards: profile.practice.newCards,
    stage: useNoteStage(neck, data),
    answers: data.standings.get(drill.key)?.answers ?? NONE,
    isPaused,
    onAnswer: keep,
  });
  const { question, verdict, found, answer, say } = asked;
  const next = useEvent(() => (isTimeUp && verdict ? onOver() : asked.next()));
  const shortNeck = useMemo(() => ({ ...neck, frets: Math.min(neck.frets, CARD_FRETS) }), [neck]);
  const nothing = useMemo((): Fretting => neck.midi.map(() => null), [neck]);
  const [tapped, setTapped] = useState({ question, fretting: nothing });
  // What was tapped for one question says nothing of the next.
  const held = tapped.question === question ? tapped.fretting : nothing;
  const pitch = useDetectedPitch((midi) => answer({ kind: "pitch", midi }));

  const timers = useRef<readonly ReturnType<typeof setTimeout>[]>([]);
  const silence = useEvent(() => timers.current.forEach(clearTimeout));
  const play = useEvent(() => {
    silence();
    timers.current = (question?.heard ?? []).map(({ midi, touch }, index) =>
      setTimeout(() => hear(midi, MANNERS[touch]), index * APART_MS),
    );
  });
  useEffect(() => {
    play();
    return silence;
  }, [question, play, silence]);
  useEffect(() => {
    if (verdict === null || verdict.result === "missed" || isPaused) return;
    const timer = setTimeout(next, GO_ON_MS);
    return () => clearTimeout(timer);
  }, [verdict, isPaused, next]);

  const give = (given: Answer) => {
    setShift(0);
    answer(given);
  };
  const kind = question?.expected.kind ?? null;
  useKeys(QUESTION_KEYS, {
    note: (at) => {
      const natural = NATURALS[at] ?? 0;
      if (kind === "note") give({ kind: "note", pitchClass: pitchClass(natural + shift) });
    },
    sharp: () => setShift((old) => (old === 1 ? 0 : 1)),
    flat: () => setShift((old) => (old === -1 ? 0 : -1)),
    choice: (index) => {
      if (kind === "choice") give({ kind: "choice", index });
      else if (kind === "press") say(RESULTS[index] ?? "clean");
    },
    again: play,
    forward: () => {
      if (verdict) next();
      else if (kind === "grip") give({ kind: "grip", fretting: held });
    },
  });

  const tap = useEvent((string: number, fret: number) => {
    if (verdict) next();
    else if (kind === "places") give({ kind: "place", place: { string, fret } });
    else {
      const fretting = held.map((at, on) => (on === string ? (at === fret ? null : fret) : at));
      setTapped({ question, fretting });
    }
  });
  // What is asked for is not said with it.
  const isSecret = kind === "places";
  const noteAt = useCallback(
    (string: number, fret: number) =>
      isSecret ? "" : spokenNotes(note((neck.midi[string] ?? 0) + fret)),
    [isSecret, neck, note],
  );
  if (!question)
    return <p className="text-xl">This neck has no grip for that. Go on with the next part.</p>;
  const { expected } = question;
  const isHeard = drill.kind === "hear";
  // Only grips reach beyond the frets that have cards.
  const shownNeck = question.grip || expected.kind === "grip" ? neck : shortNeck;
  const isTapped = expected.kind === "places" || expected.kind === "grip";
  const isAnswered = verdict !== null;
  const label = question.label ?? labelOf(question, isAnswered, note);
  const shown = { ...question, label, found, held, isAnswered };
  return (
    <div
      className={`flex flex-1 flex-col gap-5 ${isHeard ? "items-center justify-center text-center" : ""}`}
    >
      <div className="flex flex-wrap items-baseline justify-between gap-x-6">
        <p className={`font-bold ${isHeard ? "text-5xl" : "text-4xl"}`}>
          <NoteText>{question.say}</NoteText>
        </p>
        <p className="figures text-lg text-muted">{hintText(question, asked)}</p>
      </div>
      {!isHeard && (
        <PlainNeck
          neck={shownNeck}
          leftHanded={guitar.leftHanded}
          thickOnTop={thickOnTop}
          spacing={spacing}
          accidentals={profile.accidentals}
          label={question.say}
          marks={(scale) => (
            <>
              <QuestionMarks scale={scale} shown={shown} />
              {isTapped && (
                <TapLayer
                  scale={scale}
                  frets={shownNeck.frets}
                  fretting={held}
                  noteAt={noteAt}
                  onTap={tap}
                />
              )}
            </>
          )}
        />
      )}
      <p aria-live="assertive" className="min-h-9 text-2xl font-semibold">
        {verdict && (
          <NoteText>{`${verdictText(verdict)} ${rightAnswerText(question, note, verdict.result === "missed")}`}</NoteText>
        )}
      </p>
      <div className={`flex flex-wrap items-center gap-3 ${isHeard ? "justify-center" : ""}`}>
        {expected.kind === "note" && (
          <NoteChoice
            shift={shift}
            isDisabled={verdict !== null}
            onNote={(chosen) => give({ kind: "note", pitchClass: chosen })}
          />
        )}
        {expected.kind === "choice" &&
          expected.options.map((option, index) => (
            <button
              key={option}
              type="button"
              className="button min-h-14 px-6 text-xl"
              disabled={verdict !== null}
              onClick={() => give({ kind: "choice", index })}
            >
              {option} <KeyCap of={String(index + 1)} />
            </button>
          ))}
        {expected.kind === "press" &&
          verdict === null &&
          RESULTS.map((result, index) => (
            <button
              key={result}
              type="button"
              className="button min-h-14 px-6 text-xl"
              onClick={() => say(result)}
            >
              {RESULT_WORDS[result]} <KeyCap of={String(index + 1)} />
            </button>
          ))}
        {expected.kind === "grip" && verdict === null && (
          <button
            type="button"
            className="button button-primary min-h-14 px-8 text-xl"
            onClick={() => give({ kind: "grip", fretting: held })}
          >
            That is it <KeyCap of=" " onButton />
          </button>
        )}
        {question.heard.length > 0 && (
          <button type="button" className="button min-h-14 px-6 text-xl" onClick={play}>
            Hear it again <KeyCap of="h" />
          </button>
        )}
        {verdict && (
          <button
            type="button"
            className="button button-primary min-h-14 px-8 text-xl"
            onClick={next}
          >
            Next <KeyCap of=" " onButton />
          </button>
        )}
        {(expected.kind === "note" || expected.kind === "press") && (
          <ChoiceButton
            pressed={pitch.isListening}
            onPress={pitch.toggle}
            className="ml-auto flex items-center gap-2 px-3"
          >
            <Ear size={18} aria-hidden="true" /> Answer by playing
          </ChoiceButton>
        )}
      </div>
    </div>
  );
}

/** The text in the mark whose note is asked: a question mark, then the answer. */
function labelOf(
  { what, expected }: Question,
  isAnswered: boolean,
  note: (midi: number) => string,
): string | null {
  if (what !== "name" || expected.kind !== "note") return null;
  return isAnswered ? note(expected.pitchClass) : "?";
}

/** What to do with the question, or how far one is with its cards. */
function hintText({ expected }: Question, { cardsLeft, found }: QuestionRound): string {
  if (expected.kind === "places") {
    return `${found.length} of ${expected.places.length} found · tap them, or go there by the arrows and press Enter`;
  }
  if (expected.kind === "grip") return "tap a place on each string; tap it again to silence it";
  if (cardsLeft === null) return "";
  return cardsLeft > 0 ? `${cardsLeft} to go` : "all that was due is done";
}

import { useEffect, useRef, useState } from "react";
import {
  askQuestion,
  gradeAnswer,
  judge,
  levelAfter,
  type Answer,
  type QuestionDrill,
  type DrillRig,
  type NeckPlace,
  type Question,
  type QuestionScope,
} from "@/core/drill";
import {
  answered,
  CARD_FRETS,
  cardId,
  cardsInStage,
  makeQueue,
  nextCard,
  NOTE_STAGES,
  type CardQueue,
  type RoundResult,
} from "@/core/recall";
import { type CardStanding } from "@/wire";
import { useEvent } from "@/ui/controls";

/** What an answer came to. */
export interface Verdict {
  readonly result: RoundResult;
  readonly tookMs: number;
  /** How sharp a pressed note was heard, in cents; null where nothing was. */
  readonly cents: number | null;
}

export interface QuestionRound {
  readonly question: Question | null;
  /** Null until it is answered. */
  readonly verdict: Verdict | null;
  /** Places that were found so far, where all are asked for. */
  readonly found: readonly NeckPlace[];
  /** Cards that this sitting still has. */
  readonly cardsLeft: number | null;
  readonly answer: (answer: Answer) => void;
  /** What the player says themselves, where nothing can be heard. */
  readonly say: (result: RoundResult) => void;
  readonly next: () => void;
}

interface QuestionRoundInput {
  readonly drill: QuestionDrill;
  readonly rig: DrillRig;
  readonly cards: ReadonlyMap<string, CardStanding>;
  readonly newCards: number;
  /** Which notes are asked: a place in NOTE_STAGES. */
  readonly stage: number;
  /** The drill's last results in the log, oldest first. */
  readonly answers: readonly RoundResult[];
  readonly isPaused: boolean;
  readonly onAnswer: (question: Question, verdict: Verdict) => void;
}

const WHOLE_REACH = { strings: Infinity, maxFret: CARD_FRETS - 1, naturalsOnly: false };
const EMPTY: CardQueue = { waiting: [], missed: [] };

/** Asks question after question; what was missed comes back after three others. */
export function useQuestionRound(input: QuestionRoundInput): QuestionRound {
  const { drill, rig, cards, newCards, stage, answers, isPaused, onAnswer } = input;
  const hasCards = drill.what === "name" || drill.what === "half steps";
  const [queue, setQueue] = useState<CardQueue>(EMPTY);
  const [question, setQuestion] = useState<Question | null>(null);
  const [verdict, setVerdict] = useState<Verdict | null>(null);
  const [found, setFound] = useState<readonly NeckPlace[]>([]);
  const askedAt = useRef(0);

  /** The results of this part, after those of the log. */
  const given = useRef<readonly RoundResult[]>([]);
  const scope = (): QuestionScope => ({
    reach: NOTE_STAGES[stage] ?? WHOLE_REACH,
    level: levelAfter([...answers, ...given.current]),
  });
  const put = useEvent((from: CardQueue) => {
    setQueue(from);
    setVerdict(null);
    setFound([]);
    setQuestion(
      askQuestion(drill.what, rig, hasCards ? nextCard(from) : null, Math.random, scope()),
    );
    askedAt.current = performance.now();
  });
  const begin = useEvent(() => {
    const order = hasCards ? cardsInStage(rig.neck, stage).map(cardId) : [];
    put(makeQueue(order, cards, Date.now(), newCards));
  });
  // Another drill or another neck begins afresh; the first question is asked once the page is there.
  useEffect(() => begin(), [begin, drill.key, rig]);
  // A pause is no time to think.
  useEffect(() => {
    if (!isPaused) askedAt.current = performance.now();
  }, [isPaused]);

  const settle = useEvent((result: RoundResult, cents: number | null = null) => {
    if (!question || verdict) return;
    const settled = { result, tookMs: performance.now() - askedAt.current, cents };
    setVerdict(settled);
    given.current = [...given.current, result];
    onAnswer(question, settled);
  });
  const answer = useEvent((given: Answer) => {
    if (!question || verdict || isPaused) return;
    const judged = judge(rig, question, given, found);
    if (given.kind === "place" && judged !== "wrong") {
      const { place } = given;
      setFound((old) =>
        old.some(({ string, fret }) => string === place.string && fret === place.fret)
          ? old
          : [...old, place],
      );
    }
    if (judged === "more") return;
    const tookMs = performance.now() - askedAt.current;
    settle(gradeAnswer(question, given, judged === "right", tookMs), centsOf(question, given));
  });
  return {
    question,
    verdict,
    found,
    cardsLeft: hasCards ? queue.waiting.length + queue.missed.length : null,
    answer,
    say: (result) => settle(result),
    next: () => {
      if (!verdict) return;
      const { card } = question ?? {};
      put(card ? answered(queue, card, verdict.result === "missed") : queue);
    },
  };
}

function centsOf({ expected }: Question, given: Answer): number | null {
  if (expected.kind !== "press" || given.kind !== "pitch") return null;
  return 100 * (given.midi - expected.midi);
}

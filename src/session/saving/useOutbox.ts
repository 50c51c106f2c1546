"use client";

import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { onLeaving } from "../document";
import { makeOutbox, type Outbox, type SavingState } from "./outbox";
import { server } from "./post";
import { browserStore } from "./store";
import { type Change, type ChangeResponse, type Effect, type Origin, type Outcome } from "@/wire";

interface Heard {
  /** What the server made of changes: `made` are this page's own among them, `waiting` those still to be sent. */
  readonly onEffects: (
    effects: readonly Effect[],
    made: readonly Change[],
    waiting: readonly Change[],
  ) => void;
  readonly onOutcome: (outcome: Outcome) => void;
  /** Changes that earlier pages could not send wait here now. */
  readonly onAdopted: (changes: readonly Change[]) => void;
}

export interface Sending {
  readonly send: (changes: readonly Change[]) => void;
  readonly waiting: readonly Change[];
  readonly state: SavingState;
  /** Whether the server runs another build than made this page. */
  readonly isOutdated: boolean;
}

/** What windows of one browser tell each other. */
interface Message {
  readonly identity: string;
  readonly effects: readonly Effect[];
}

const CHANNEL = "tenon";
const IN_TOUCH: SavingState = { kind: "in touch" };

/** Sends this page's changes, and hears of those of others: at once in this browser, else when it comes to the front. */
export function useOutbox({ identity, revision, build }: Origin, heard: Heard): Sending {
  const [waiting, setWaiting] = useState<readonly Change[]>([]);
  const [state, setState] = useState(IN_TOUCH);
  const [isOutdated, setIsOutdated] = useState(false);
  const outbox = useRef<Outbox | null>(null);
  const waitingNow = useRef<readonly Change[]>([]);
  const latest = useRef(heard);
  useEffect(() => {
    latest.current = heard;
  });

  useEffect(() => {
    const channel = new BroadcastChannel(CHANNEL);
    channel.onmessage = ({ data }: MessageEvent<Message>) => {
      if (data.identity === identity)
        latest.current.onEffects(data.effects, [], waitingNow.current);
    };
    const onAnswer = ({ effects, outcomes }: ChangeResponse, sent: readonly Change[]) => {
      const refused = new Set(outcomes.flatMap(({ key, problem }) => (problem ? [key] : [])));
      latest.current.onEffects(
        effects,
        sent.filter(({ key }) => !refused.has(key)),
        waitingNow.current.filter(({ key }) => !sent.some((change) => change.key === key)),
      );
      for (const outcome of outcomes) latest.current.onOutcome(outcome);
      if (sent.length > 0) channel.postMessage({ identity, effects } satisfies Message);
    };
    const made = makeOutbox({
      identity,
      revision,
      store: browserStore(),
      server,
      onWaiting: (changes) => {
        waitingNow.current = changes;
        setWaiting(changes);
      },
      onAdopted: (changes) => latest.current.onAdopted(changes),
      onAnswer,
      onRefused: (_, outcome) => latest.current.onOutcome(outcome),
      onState: (next) => setState((old) => (sameState(old, next) ? old : next)),
      onBuild: (current) => setIsOutdated(current !== build),
    });
    outbox.current = made;
    void made.adopt();
    const onFront = () => {
      if (document.visibilityState === "visible") made.refresh();
    };
    const stopLeaving = onLeaving(() => made.sendBeforeLeaving());
    document.addEventListener("visibilitychange", onFront);
    window.addEventListener("focus", onFront);
    window.addEventListener("online", onFront);
    return () => {
      document.removeEventListener("visibilitychange", onFront);
      window.removeEventListener("focus", onFront);
      window.removeEventListener("online", onFront);
      stopLeaving();
      made.stop();
      channel.close();
    };
  }, [identity, revision, build]);

  const send = useCallback((changes: readonly Change[]) => outbox.current?.add(changes), []);
  return useMemo(() => ({ send, waiting, state, isOutdated }), [send, waiting, state, isOutdated]);
}

function sameState(a: SavingState, b: SavingState): boolean {
  return JSON.stringify(a) === JSON.stringify(b);
}

import { type Change, type ChangeResponse, type Outcome } from "@/wire";
import { type Reply, type Server } from "./post";
import { type WaitingStore } from "./store";

/** How it stands with what the player did. */
export type SavingState =
  | { readonly kind: "in touch" }
  /** The server is away or cannot save; changes wait and are sent again. */
  | { readonly kind: "trouble"; readonly reason: string; readonly sinceMs: number }
  /** The server has other data than the page was made from; nothing is sent to them. */
  | { readonly kind: "other data" };

interface OutboxOptions {
  readonly identity: string;
  /** How far the page knows the data. */
  readonly revision: number;
  readonly store: WaitingStore;
  readonly server: Server;
  readonly onWaiting: (changes: readonly Change[]) => void;
  /** Changes that earlier pages could not send are taken over. */
  readonly onAdopted: (changes: readonly Change[]) => void;
  readonly onAnswer: (answer: ChangeResponse, sent: readonly Change[]) => void;
  readonly onRefused: (change: Change, outcome: Outcome) => void;
  readonly onState: (state: SavingState) => void;
  readonly onBuild: (build: string) => void;
}

export interface Outbox {
  /** Sends changes after all that wait already. */
  readonly add: (changes: readonly Change[]) => void;
  /** Takes over what earlier pages could not send. */
  readonly adopt: () => Promise<void>;
  /** Asks what others changed, and sends what waits. */
  readonly refresh: () => void;
  /** Sends what waits while the page is being left; it counts once, whoever sends it again. */
  readonly sendBeforeLeaving: () => void;
  readonly stop: () => void;
}

export const AWAY = "Tenon does not answer";
/** Sent at once. */
const MOST = 100;
const RETRY_MS = [500, 1000, 2000, 4000];

/** Changes of this page, sent in their order until the server has acknowledged each. */
export function makeOutbox(options: OutboxOptions): Outbox {
  const { identity, store, server } = options;
  let since = options.revision;
  let waiting: readonly Change[] = [];
  let isSending = false;
  let isStopped = false;
  let failures = 0;
  let failingSinceMs = 0;
  /** After a refusal that names no change, they are sent one by one until the wrong one is found. */
  let max = MOST;
  let timer: ReturnType<typeof setTimeout> | undefined;

  const setWaiting = (changes: readonly Change[]) => {
    waiting = changes;
    options.onWaiting(changes);
  };
  const settle = (keys: readonly string[]) => {
    const settled = new Set(keys);
    setWaiting(waiting.filter(({ key }) => !settled.has(key)));
    void store.remove(keys);
  };

  const exchange = async (isAsking: boolean) => {
    if (isSending || isStopped || (!isAsking && waiting.length === 0)) return;
    clearTimeout(timer);
    isSending = true;
    const sent = waiting.slice(0, max);
    const reply = await (sent.length > 0
      ? server.send({ identity, since, changes: sent })
      : server.ask(identity, since));
    isSending = false;
    if (isStopped) return;
    if (take(reply, sent)) void exchange(false);
  };

  /** Takes a reply; whether to go on at once with what still waits. */
  const take = (reply: Reply, sent: readonly Change[]): boolean => {
    if (reply.kind === "away") return wait(AWAY);
    if (reply.kind === "not now") {
      options.onBuild(reply.build);
      return wait(reply.problem.message);
    }
    failures = 0;
    if (reply.kind === "other data") {
      isStopped = true;
      options.onBuild(reply.build);
      options.onState({ kind: "other data" });
      return false;
    }
    options.onState({ kind: "in touch" });
    if (reply.kind === "refused") {
      options.onBuild(reply.build);
      refuse(reply.problem, sent);
      return true;
    }
    const { answer } = reply;
    max = MOST;
    since = Math.max(since, answer.revision);
    options.onBuild(answer.build);
    options.onAnswer(answer, sent);
    settle(answer.outcomes.map(({ key }) => key));
    for (const outcome of answer.outcomes) {
      const change = sent.find(({ key }) => key === outcome.key);
      if (change && outcome.problem) options.onRefused(change, outcome);
    }
    return true;
  };

  const wait = (reason: string): false => {
    if (failures === 0) failingSinceMs = Date.now();
    options.onState({ kind: "trouble", reason, sinceMs: failingSinceMs });
    const pause = RETRY_MS[Math.min(failures, RETRY_MS.length - 1)];
    failures += 1;
    timer = setTimeout(() => void exchange(true), pause);
    return false;
  };

  const refuse = (problem: NonNullable<Outcome["problem"]>, sent: readonly Change[]) => {
    const [only] = sent;
    if (!only) return;
    if (sent.length > 1) {
      max = 1;
      return;
    }
    settle([only.key]);
    options.onRefused(only, { key: only.key, problem, revision: null });
  };

  return {
    add: (changes) => {
      setWaiting([...waiting, ...changes]);
      void store.put(changes.map((change) => ({ identity, change })));
      void exchange(false);
    },
    adopt: async () => {
      const kept = await store.load(identity);
      const known = new Set(waiting.map(({ key }) => key));
      const earlier = kept.filter(({ key }) => !known.has(key));
      if (earlier.length === 0) return;
      setWaiting([...earlier, ...waiting]);
      options.onAdopted(earlier);
      void exchange(false);
    },
    refresh: () => void exchange(true),
    sendBeforeLeaving: () => {
      if (!isStopped && waiting.length > 0) server.sendLast({ identity, since, changes: waiting });
    },
    stop: () => {
      isStopped = true;
      clearTimeout(timer);
    },
  };
}

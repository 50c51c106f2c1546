import { useCallback, useEffect, useRef, useState } from "react";
import { type Chord } from "@/core/chart";
import { type FoundTuning, type SearchRequest } from "@/core/compare";
import { NO_GRIP_LIMITS } from "@/core/gripSearch";
import { retuneNeck } from "@/core/neck";
import { type TimedRoute } from "@/core/plan";
import { type Current } from "@/ui/computed";
import { ask, searchInWorker, type SearchReport } from "@/worker/client";

export type SearchState =
  | { readonly kind: "idle" }
  | { readonly kind: "running"; readonly report: SearchReport | null }
  | {
      readonly kind: "done";
      readonly found: readonly FoundTuning[];
      readonly ms: number;
      /** By tuning; null where the chords cannot be played in a row. */
      readonly routes: Current<readonly (TimedRoute | null)[]>;
    }
  | { readonly kind: "failed" };

interface TuningSearch {
  readonly state: SearchState;
  /** The question, so that an answer is shown with the question it belongs to. */
  readonly request: SearchRequest | null;
  readonly start: (request: SearchRequest, sequence: readonly Chord[]) => void;
  readonly cancel: () => void;
}

/** A search that runs in a worker of its own until it is done, cancelled, or the page is left. */
export function useTuningSearch(): TuningSearch {
  const [state, setState] = useState<SearchState>({ kind: "idle" });
  const [request, setQuestion] = useState<SearchRequest | null>(null);
  const running = useRef<AbortController | null>(null);

  const start = useCallback((requested: SearchRequest, sequence: readonly Chord[]) => {
    running.current?.abort();
    const controller = new AbortController();
    running.current = controller;
    setQuestion(requested);
    setState({ kind: "running", report: null });
    const { neck, weights, player, limits = NO_GRIP_LIMITS } = requested;
    const began = performance.now();
    const run = async () => {
      const found = await searchInWorker(
        requested,
        (report) => {
          if (!controller.signal.aborted) setState({ kind: "running", report });
        },
        controller.signal,
      );
      const ms = performance.now() - began;
      const show = (routes: Extract<SearchState, { kind: "done" }>["routes"]) => {
        if (!controller.signal.aborted) setState({ kind: "done", found, ms, routes });
      };
      show({ kind: "waiting" });
      const necks = found.map(({ midi }) => retuneNeck(neck, midi));
      try {
        const routes = ask("found", { necks, sequence, weights, player, limits }, (api) =>
          api.routes(necks, sequence, weights, player, limits),
        );
        show({ kind: "ready", value: await routes });
      } catch (error) {
        // The tunings that were found are right without their routes.
        console.error(error);
        show({ kind: "failed" });
      }
    };
    run().catch((error: unknown) => {
      console.error(error);
      if (!controller.signal.aborted) setState({ kind: "failed" });
    });
  }, []);
  const cancel = useCallback(() => {
    running.current?.abort();
    setState({ kind: "idle" });
  }, []);
  useEffect(() => () => running.current?.abort(), []);
  return { state, request, start, cancel };
}

import { useCallback, useMemo } from "react";
import { type Arrangement, type Ease, type SongRoute } from "@/core/arrangement";
import { type PlayedDrill, type Rung, type Step } from "@/core/drill";
import { TIMING } from "@/core/motion";
import { usePlayer, useRig } from "@/session";
import { useComputed } from "@/ui/computed";
import { ask, type SongPlanRequest } from "@/worker/client";
import { type PlacedDrill } from "@/features/practice/state";

/** A drill laid out on its neck, and what it is laid out for. */
export interface LaidOut extends Pick<Rung, "bpm" | "roomQuarters"> {
  readonly arrangement: Arrangement;
  readonly route: SongRoute;
  readonly step: Step;
}

interface PlayedAnswer {
  /** While it is laid out anew, the last one. */
  readonly laidOut: LaidOut | null;
  readonly problem: string | null;
}

const HELP = { root: "root", once: "full", two: "two", whole: "full" } as const;

/** Lays a drill out as it is played next. */
export function usePlayedDrill(
  { neck }: PlacedDrill,
  { text, settings }: PlayedDrill,
  { bpm, roomQuarters }: Rung,
  step: Step,
): PlayedAnswer {
  const { player } = usePlayer();
  const { level, practice, downStrokesBpm } = useRig().profile;
  const { ownTiming } = practice;
  const found = useComputed(
    useCallback(async (): Promise<PlayedAnswer> => {
      const ease: Ease = { isOnce: step === "once", roomQuarters, tempoBpm: bpm };
      const help = HELP[step];
      const constants = ownTiming ?? TIMING[level];
      const requested: SongPlanRequest = {
        text,
        settings,
        help,
        ease,
        neck,
        player,
        constants,
        downStrokesBpm,
      };
      const { arrangement, route, problem } = await ask("drill", requested, (api) =>
        api.songRoute(requested),
      );
      return {
        laidOut: route && { arrangement, route, bpm, roomQuarters, step },
        problem: problem?.message ?? null,
      };
    }, [text, settings, step, roomQuarters, bpm, neck, player, level, ownTiming, downStrokesBpm]),
  );
  return useMemo(() => {
    if (found.kind === "ready") return found.value;
    if (found.kind === "failed") {
      return { laidOut: found.last?.laidOut ?? null, problem: "The drill could not be laid out." };
    }
    return found.last ?? { laidOut: null, problem: null };
  }, [found]);
}

import { useCallback, useMemo, useState } from "react";
import { type Help } from "@/core/arrangement";

export type PanelName = "limits" | "texture" | "move" | "songs" | "play" | "edit";
/** The part shown on narrow screens; wide screens show all parts. */
export type SongPart = "play" | "chart" | "route";

/** What is looked at in a song; none of it is part of the song. */
export interface SongView {
  /** A chord of the arrangement, and with it the change to the next; null for none. */
  readonly chord: number | null;
  /** The section whose grips are shown, as an index. */
  readonly section: number;
  /** The tuning run that is planned and played; runs are split at guitar changes. */
  readonly run: number;
  /** The run before was played to its end; the player is asked to change guitars. */
  readonly isGuitarChange: boolean;
  readonly panel: PanelName | null;
  readonly help: Help;
  /** The section whose limits are shown; null for the whole song's. */
  readonly limitsOf: string | null;
  /** Of what a texture is said: 0 the section, 1 the bar, 2 the chord. */
  readonly scope: number;
  readonly isOnNeck: boolean;
  readonly isStage: boolean;
  readonly part: SongPart;
}

export interface SongViewState extends SongView {
  readonly show: (part: Partial<SongView>) => void;
  readonly toggle: (panel: PanelName) => void;
}

export function useSongView(first: Partial<SongView>): SongViewState {
  const [view, setView] = useState<SongView>({
    chord: null,
    section: 0,
    run: 0,
    isGuitarChange: false,
    panel: null,
    help: "full",
    limitsOf: null,
    scope: 0,
    isOnNeck: false,
    isStage: false,
    part: "play",
    ...first,
  });
  const show = useCallback(
    (part: Partial<SongView>) => setView((old) => ({ ...old, ...part })),
    [],
  );
  const toggle = useCallback(
    (panel: PanelName) => setView((old) => ({ ...old, panel: old.panel === panel ? null : panel })),
    [],
  );
  return useMemo(() => ({ ...view, show, toggle }), [view, show, toggle]);
}

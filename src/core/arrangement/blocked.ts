import { makeEffortBook } from "@/core/hand";
import { type Chart } from "@/core/song";
import { arrange, type ArrangedChord } from "./arrange";
import { hasGrip } from "./planSong";
import { type SongRequest } from "./request";
import { recipeOf } from "./recipes";
import { NO_PLAY_LIMITS, type Mark, type PlayLimits, type SongSettings } from "./settings";
import { planRouteOfKind } from "./routesOfKinds";

/** What may forbid every grip of a chord. */
const BLOCKERS = ["frets", "rootStrings", "openStrings", "maxNotes", "forbidden"] as const;
export type Blocker = (typeof BLOCKERS)[number];

/** A chord that has no grip, and what would give it one. */
interface BlockedChord {
  readonly name: string;
  readonly section: string;
  /** The first bar in which it comes, as played, from 0. */
  readonly playedBar: number;
  /** Any one of these gives it a grip; empty where no grip can be held in this tuning at all, or only without several. */
  readonly by: readonly Blocker[];
  /** Whether this hand can hold it in this tuning, without any limit. */
  readonly isPossible: boolean;
}

/** The whole song without one of its limits: what it would cost. */
interface Loosened {
  readonly without: Blocker;
  readonly settings: SongSettings;
  /** Effort points of the route, all chords played. */
  readonly total: number;
  readonly cleanTempoBpm: number | null;
}

export interface Blockage {
  readonly chords: readonly BlockedChord[];
  readonly loosened: readonly Loosened[];
}

type BlockageRequest = Omit<SongRequest, "arrangement"> & {
  readonly chart: Chart;
  readonly settings: SongSettings;
};

/** Which chords of a song have no grip under its limits, which limit forbids each, and what loosening would cost. */
export function findBlocked(requested: BlockageRequest): Blockage {
  const { chart, settings, neck, player } = requested;
  const book = requested.book ?? makeEffortBook(neck, player);
  const arrangement = arrange(chart, settings);
  const request: SongRequest = { ...requested, book, arrangement };
  const recipe = recipeOf("usual", request);
  const has = (chord: ArrangedChord) => hasGrip(request, recipe, chord);
  const seen = new Set<string>();
  const chords = arrangement.chords.flatMap((chord): readonly BlockedChord[] => {
    const section = arrangement.sectionKeys[chord.section] ?? "";
    const key = JSON.stringify([section, chord.chord, chord.marks]);
    if (seen.has(key)) return [];
    seen.add(key);
    if (has(chord)) return [];
    const without = (by: Blocker): ArrangedChord => ({
      ...chord,
      limits: loosen(chord.limits, by),
      marks: by === "forbidden" ? withoutForbidden(chord.marks) : chord.marks,
    });
    const free = { ...chord, limits: freeOf(chord.limits), marks: withoutForbidden(chord.marks) };
    return [
      {
        name: chord.name,
        section,
        playedBar: chord.playedBar,
        by: BLOCKERS.filter((by) => has(without(by))),
        isPossible: has(free),
      },
    ];
  });
  const named = new Set(chords.flatMap(({ by }) => by));
  const loosened = BLOCKERS.filter((by) => named.has(by)).flatMap((by): readonly Loosened[] => {
    const next = loosenSong(settings, by);
    const planned = planRouteOfKind(
      { ...request, arrangement: arrange(chart, next) },
      settings.routeKind,
    );
    if (!planned.ok) return [];
    const { total, cleanTempoBpm } = planned.value.timed;
    return [{ without: by, settings: next, total, cleanTempoBpm }];
  });
  return { chords, loosened };
}

function loosen(limits: PlayLimits, by: Blocker): PlayLimits {
  return by === "forbidden" ? limits : { ...limits, [by]: NO_PLAY_LIMITS[by] };
}

function freeOf(limits: PlayLimits): PlayLimits {
  return {
    ...NO_PLAY_LIMITS,
    powerChordVoicing: limits.powerChordVoicing,
    withoutLowest: limits.withoutLowest,
  };
}

function withoutForbidden(marks: readonly Mark[]): readonly Mark[] {
  return marks.filter(({ act }) => act !== "forbid");
}

function loosenSong(settings: SongSettings, by: Blocker): SongSettings {
  if (by === "forbidden") return { ...settings, marks: withoutForbidden(settings.marks) };
  const sections = Object.entries(settings.sectionLimits);
  return {
    ...settings,
    limits: loosen(settings.limits, by),
    sectionLimits: Object.fromEntries(sections.map(([key, each]) => [key, loosen(each, by)])),
  };
}

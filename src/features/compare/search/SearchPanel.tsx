import { useMemo, useState } from "react";
import { Search, Square } from "lucide-react";
import { makeSearchSpace, MAX_FOUND, NO_SEARCH_LIMITS, type SearchRequest } from "@/core/compare";
import { nameTuning, TUNINGS } from "@/core/tuning";
import { usePlayer, useRig } from "@/session";
import { MAX_COLUMNS, neckOf, strungGuitar } from "@/state";
import { SelectField } from "@/ui/controls";
import { NoteText } from "@/ui/text";
import { SearchLimitsFields, type RequestedLimits } from "./SearchLimitsFields";
import { SearchResults } from "./SearchResults";
import { searchProblemText, type ShownComparison } from "@/features/compare/results";
import { useTuningSearch, type SearchState } from "./useTuningSearch";

interface SearchPanelProps {
  readonly shown: ShownComparison;
}

const FIRST_LIMITS: RequestedLimits = {
  ...NO_SEARCH_LIMITS,
  isSafe: true,
  withCatalogue: true,
  onlyGainful: true,
};

/** Finds the tunings that serve the chords best, from what a guitar is tuned to now. */
export function SearchPanel({ shown }: SearchPanelProps) {
  const { guitars, favourites, ownTunings, profile } = useRig();
  const { player } = usePlayer();
  const { comparison, columns, chords, sequence, set } = shown;
  const [guitarId, setGuitarId] = useState<number | null>(null);
  const [limits, setLimits] = useState(FIRST_LIMITS);
  const { state, request: requested, start, cancel } = useTuningSearch();
  const guitar = guitars.find(({ id }) => id === guitarId) ?? columns[0]?.guitar ?? guitars[0];
  const from = guitar.tunedMidi;
  /** The guitar that was searched for; another may be chosen since. */
  const [askedOn, setAskedOn] = useState(guitar.id);
  const { weights, limits: gripLimits } = comparison;
  const { onlyGainful } = limits;

  const space = useMemo(() => {
    const { isSafe, withCatalogue, ...requested } = limits;
    // Another guitar, taken over from the first column, may have fewer strings.
    const movable = requested.movable?.filter((string) => string < from.length) ?? null;
    const rest = { ...requested, movable };
    const tension = isSafe ? { guitar: strungGuitar(guitar), limits: profile.limits } : null;
    const known = [...TUNINGS, ...ownTunings].map(({ midi }) => midi);
    const others = withCatalogue ? [...favourites.map(({ midi }) => midi), ...known] : [];
    return makeSearchSpace(from, { ...rest, tension }, others);
  }, [limits, guitar, from, favourites, ownTunings, profile.limits]);
  const request = useMemo((): SearchRequest | null => {
    if (!space.ok || chords.length === 0) return null;
    const neck = neckOf(guitar, from);
    return {
      neck,
      player,
      chords,
      weights,
      limits: gripLimits,
      space: space.value,
      max: MAX_FOUND,
      onlyGainful,
    };
  }, [space, chords, player, guitar, from, weights, gripLimits, onlyGainful]);

  const search = () => {
    if (!request) return;
    setAskedOn(guitar.id);
    start(request, sequence);
  };

  return (
    <section aria-labelledby="search-title" className="panel space-y-3 p-3">
      <h2 id="search-title" className="text-lg font-semibold">
        <NoteText>{`The best tunings for ${chordList(chords)}, from ${nameTuning(from).name}`}</NoteText>
      </h2>
      <div className="flex flex-wrap items-end gap-x-4 gap-y-3">
        <SelectField
          label="On"
          value={guitar.id}
          options={guitars.map(({ id, name }) => [id, name] as const)}
          onChange={(id) => {
            setGuitarId(id);
            setLimits(FIRST_LIMITS);
          }}
        />
        <SearchLimitsFields from={from} limits={limits} onLimits={setLimits} />
        {state.kind === "running" ? (
          <button type="button" className="button" onClick={cancel}>
            <Square size={18} aria-hidden="true" />
            Stop
          </button>
        ) : (
          <button
            type="button"
            className="button button-primary"
            disabled={!request}
            onClick={search}
          >
            <Search size={18} aria-hidden="true" />
            {space.ok ? `Search ${space.value.size.toLocaleString("en")} tunings` : "Search"}
          </button>
        )}
      </div>
      {!space.ok && (
        <p role="alert" className="text-warning">
          {searchProblemText(space.problem, from.length)}
        </p>
      )}
      <SearchProgressLine state={state} />
      {requested && (
        <SearchResults
          state={state}
          request={requested}
          isStale={state.kind === "done" && requested !== request}
          onAdd={
            columns.length < MAX_COLUMNS
              ? (midi) => set({ columns: [...comparison.columns, { guitarId: askedOn, midi }] })
              : null
          }
          shownTunings={columns.map(({ tuning }) => tuning.midi)}
        />
      )}
    </section>
  );
}

function chordList(chords: SearchRequest["chords"]): string {
  return chords.map(({ chord }) => chord.name).join(" ") || "no chord";
}

function SearchProgressLine({ state }: { readonly state: SearchState }) {
  if (state.kind === "failed") {
    return <p role="alert">The search could not be finished. Search again.</p>;
  }
  if (state.kind === "done") {
    return (
      <p role="status" className="figures text-muted">{`Done in ${secondsText(state.ms)}.`}</p>
    );
  }
  if (state.kind === "idle") return null;
  const percent = Math.floor(100 * (state.report?.share ?? 0));
  return (
    <div className="flex items-center gap-3">
      <div
        role="progressbar"
        aria-label="Search"
        aria-valuenow={percent}
        aria-valuemin={0}
        aria-valuemax={100}
        className="h-2.5 min-w-40 flex-1 rounded-full bg-line"
      >
        <div className="h-full rounded-full bg-inverse" style={{ width: `${percent}%` }} />
      </div>
      <p className="figures text-muted">{progressText(state, percent)}</p>
    </div>
  );
}

function progressText(
  { report }: Extract<SearchState, { kind: "running" }>,
  percent: number,
): string {
  if (!report) return "Starting";
  const left = report.msLeft === null ? "" : `, about ${secondsText(report.msLeft)} left`;
  return `${percent} %${left}; ${report.open.toLocaleString("en")} tunings still in`;
}

function secondsText(ms: number): string {
  return ms < 9950 ? `${(ms / 1000).toFixed(1)} s` : `${Math.round(ms / 1000)} s`;
}

import { useRef } from "react";
import { Check, Plus } from "lucide-react";
import { type FoundTuning, type ScoredTuning, type SearchRequest } from "@/core/compare";
import { type Midi } from "@/core/pitch";
import { type TimedRoute } from "@/core/plan";
import { retuneSteps, type RetuneStep } from "@/core/retuning";
import { nameTuning, samePitches } from "@/core/tuning";
import { type Current } from "@/ui/computed";
import { FretText } from "@/ui/grip";
import { TableButton } from "@/ui/save";
import { NoteText, spokenNotes } from "@/ui/text";
import { retuneText } from "@/features/compare/results";
import { type SearchState } from "./useTuningSearch";
import { stringsText } from "@/features/compare/results";

interface SearchResultsProps {
  readonly state: SearchState;
  readonly request: SearchRequest;
  /** What was asked is no longer what stands above. */
  readonly isStale: boolean;
  /** Null where no column is free. */
  readonly onAdd: ((midi: readonly Midi[]) => void) | null;
  readonly shownTunings: readonly (readonly Midi[])[];
}

/** The best tunings, as far as they are found. */
export function SearchResults(props: SearchResultsProps) {
  const { state, request, isStale, onAdd, shownTunings } = props;
  const table = useRef<HTMLTableElement>(null);
  const found = foundIn(state);
  if (!found) return null;
  if (found.length === 0) {
    return state.kind === "done" ? <p>No tuning within these limits can play it all.</p> : null;
  }
  const routes = state.kind === "done" ? state.routes : WAITING;
  return (
    // What only a screen reader hears must scroll with the table, not widen the page.
    <div className="relative overflow-x-auto" tabIndex={0} role="region" aria-label="Best tunings">
      {isStale && (
        <p className="mb-1 text-muted">Something has changed since; search again to update.</p>
      )}
      <div className="mb-1">
        <TableButton table={table} name="the best tunings" />
      </div>
      <table
        ref={table}
        className={`w-full border-collapse text-[16px] ${isStale ? "opacity-70" : ""}`}
      >
        <thead>
          <tr className="border-b border-ink text-left">
            <Head>Place</Head>
            <Head>Tuning</Head>
            <Head>Score</Head>
            <Head>Travel</Head>
            <Head>Retune</Head>
            <Head>Best grips</Head>
            <Head>
              <span className="sr-only">Compare</span>
            </Head>
          </tr>
        </thead>
        <tbody>
          {found.map((tuning, place) => {
            const { midi, score } = tuning;
            const { name } = nameTuning(midi);
            const isShown = shownTunings.some((other) => samePitches(other, midi));
            const steps = retuneSteps(request.space.from, midi) ?? [];
            return (
              <tr key={midi.join()} className="border-b border-line align-middle">
                <td className="figures p-1.5">{place + 1}</td>
                <th scope="row" className="p-1.5 text-left font-semibold whitespace-nowrap">
                  <NoteText>{name}</NoteText>
                </th>
                <td className="figures p-1.5 font-semibold">{score.toFixed(1)}</td>
                <td className="figures p-1.5 whitespace-nowrap">{travelText(routes, place)}</td>
                <td className="p-1.5 text-[15px] text-muted">
                  {retuneText(steps, midi.length)}
                  {tuning.grips && idleText(steps, tuning.grips, midi.length)}
                </td>
                <td className="p-1.5 text-[15px]">
                  {tuning.grips ? <Grips grips={tuning.grips} request={request} /> : "…"}
                </td>
                <td className="p-1">
                  <button
                    type="button"
                    className="button px-2.5"
                    disabled={isShown || !onAdd}
                    aria-label={
                      isShown
                        ? `${spokenNotes(name)} is compared`
                        : `Compare ${spokenNotes(name)} too`
                    }
                    onClick={() => onAdd?.(midi)}
                  >
                    {isShown ? (
                      <Check size={18} aria-hidden="true" />
                    ) : (
                      <Plus size={18} aria-hidden="true" />
                    )}
                  </button>
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </div>
  );
}

/** Strings that are turned although no best grip sounds them. */
function idleText(
  steps: readonly RetuneStep[],
  grips: FoundTuning["grips"],
  strings: number,
): string {
  const idle = steps.filter(({ string }) =>
    grips.every(({ fretting }) => typeof fretting[string] !== "number"),
  );
  if (idle.length === 0) return "";
  const numbers = idle.map(({ string }) => strings - string);
  return ` (${stringsText(numbers)} not played)`;
}

function Head({ children }: { readonly children: React.ReactNode }) {
  return (
    <th scope="col" className="p-1.5 font-normal text-muted">
      {children}
    </th>
  );
}

const WAITING = { kind: "waiting" } as const;

function travelText(routes: Current<readonly (TimedRoute | null)[]>, place: number): string {
  switch (routes.kind) {
    case "waiting":
      return "…";
    case "failed":
      return "unknown";
    case "ready": {
      const route = routes.value[place];
      return route ? `${Math.round(route.travelMm)} mm` : "none";
    }
  }
}

/** A tuning of the list; its grips are known once the search is done. */
type Found = ScoredTuning & Partial<Pick<FoundTuning, "grips">>;

function foundIn(state: SearchState): readonly Found[] | null {
  if (state.kind === "done") return state.found;
  return state.kind === "running" ? (state.report?.best ?? null) : null;
}

interface GripsProps {
  readonly grips: FoundTuning["grips"];
  readonly request: SearchRequest;
}

function Grips({ grips, request }: GripsProps) {
  return (
    <span className="flex flex-wrap gap-x-3">
      {grips.map(({ fretting }, index) => (
        <span key={index} className="whitespace-nowrap">
          <span className="mr-1 text-muted">
            <NoteText>{request.chords[index]?.chord.name ?? ""}</NoteText>
          </span>
          <FretText fretting={fretting} />
        </span>
      ))}
    </span>
  );
}

import { useCallback, useRef } from "react";
import { type Arrangement } from "@/core/arrangement";
import { soundingMidi } from "@/core/fretting";
import { type Neck } from "@/core/neck";
import { useRig } from "@/session";
import { lastValue, useComputed } from "@/ui/computed";
import { FretText } from "@/ui/grip";
import { TableButton } from "@/ui/save";
import { fretsText, moveText, holdsText, NoteText } from "@/ui/text";
import { compute } from "@/worker/client";
import { msText, type ComparedRoute } from "@/features/song/state";

interface PairTableProps {
  readonly arrangement: Arrangement;
  readonly neck: Neck;
  readonly pair: readonly [ComparedRoute, ComparedRoute];
  /** The stop that is shown on the neck. */
  readonly step: number;
  readonly onStep: (step: number) => void;
}

const MAX_ROWS = 200;

/** Two routes chord by chord, with the cost and the sound of each. */
export function PairTable({ arrangement, neck, pair, step, onStep }: PairTableProps) {
  const table = useRef<HTMLTableElement>(null);
  const { a4Hz } = useRig().profile;
  const [one, other] = [pair[0].route, pair[1].route];
  const sounds = useComputed(
    useCallback(
      async () =>
        Promise.all(
          [one, other].map(({ timed }) =>
            compute().sounds(
              timed.stops
                .slice(0, MAX_ROWS)
                .map(({ fingering }) => soundingMidi(neck, fingering.fretting)),
              { a4Hz },
            ),
          ),
        ),
      [one, other, neck, a4Hz],
    ),
  );
  const heard = lastValue(sounds);
  const rows = Math.min(MAX_ROWS, one.timed.stops.length, other.timed.stops.length);
  return (
    <details>
      <summary className="min-h-11 cursor-pointer py-2 font-semibold">
        All chords and figures
      </summary>
      <div className="mb-2">
        <TableButton table={table} name="the two routes" />
      </div>
      <div className="overflow-x-auto" tabIndex={0} role="region" aria-label="Two routes">
        <table ref={table} className="figures w-full text-left text-[16px]">
          <thead>
            <tr>
              <th scope="col" className="px-2 py-1" rowSpan={2}>
                Chord
              </th>
              {pair.map(({ name }, index) => (
                <th
                  key={index}
                  scope="colgroup"
                  colSpan={4}
                  className="border-l border-line px-2 py-1"
                >
                  {name}
                </th>
              ))}
            </tr>
            <tr className="text-[15px] text-muted">
              {pair.flatMap((_, index) =>
                ["Frets", "Effort", "To the next", "Rough, gain"].map((name) => (
                  <th key={`${index} ${name}`} scope="col" className="px-2 py-1 font-normal">
                    {name}
                  </th>
                )),
              )}
            </tr>
          </thead>
          <tbody>
            {Array.from({ length: rows }, (_, row) => {
              const chord = arrangement.chords[one.played[row] ?? -1];
              return (
                <tr key={row} className={`border-t border-line ${row === step ? "bg-picked" : ""}`}>
                  <th scope="row" className="px-2 py-1">
                    <button type="button" className="min-h-9" onClick={() => onStep(row)}>
                      <NoteText>{chord?.name ?? ""}</NoteText>
                    </button>
                  </th>
                  {pair.flatMap(({ route: { timed } }, index) => {
                    const [stop, change] = [timed.stops[row], timed.changes[row]];
                    const sound = heard?.[index]?.[row];
                    return [
                      <td key={`${index} frets`} className="border-l border-line px-2">
                        {stop && <FretText fretting={stop.fingering.fretting} />}
                      </td>,
                      <td key={`${index} effort`} className="px-2">
                        {stop?.fingering.effort.toFixed(1)}
                      </td>,
                      <td key={`${index} way`} className="px-2 whitespace-nowrap">
                        {change ? `${moveText(change.frets)}, ${msText(change.neededMs)}` : ""}
                      </td>,
                      <td key={`${index} sound`} className="px-2">
                        {sound ? sound.roughness.gain.toFixed(1) : "…"}
                      </td>,
                    ];
                  })}
                </tr>
              );
            })}
            <tr className="border-t-2 border-ink font-semibold">
              <th scope="row" className="px-2 py-1.5">
                Song
              </th>
              {pair.flatMap(({ route: { timed } }, index) => [
                <td key={`${index} shifts`} className="border-l border-line px-2">
                  {`${timed.shifts} shifts`}
                </td>,
                <td key={`${index} total`} className="px-2">
                  {timed.total.toFixed(1)}
                </td>,
                <td key={`${index} travel`} className="px-2 whitespace-nowrap">
                  {fretsText(timed.travelFrets)}
                </td>,
                <td key={`${index} tempo`} className="px-2">
                  {holdsText(timed, arrangement.quartersPerBeat)}
                </td>,
              ])}
            </tr>
          </tbody>
        </table>
      </div>
    </details>
  );
}

import { WEIGHT_NAMES } from "@/core/gripSearch";
import { DEFAULT_COMPARISON, type Comparison } from "@/state";
import { writeLimits } from "./gripLimits";

/** A comparison as the query of an address; defaults are left out. */
export function writeCompareAddress(comparison: Comparison): string {
  const { columns, chords, powerChordVoicing, allAsPowerChords, minNotes, hold, shape } =
    comparison;
  const { weights, limits, minutesPerString } = comparison;
  const first = DEFAULT_COMPARISON;
  const isPlain = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b);
  const parts: readonly (readonly [name: string, text: string | null])[] = [
    ["tunings", columns.map(({ midi }) => midi.join(",")).join(";")],
    ["guitars", columns.map(({ guitarId }) => guitarId).join(";")],
    ["chords", chords],
    [
      "fives",
      isPlain(powerChordVoicing, first.powerChordVoicing) ? null : powerChordVoicing.join(","),
    ],
    ["reduce", allAsPowerChords ? "yes" : null],
    ["least", minNotes === first.minNotes ? null : String(minNotes)],
    ["hold", hold === first.hold ? null : hold],
    ["shape", shape && shape.map((fret) => fret ?? "x").join("-")],
    [
      "weigh",
      isPlain(weights, first.weights) ? null : WEIGHT_NAMES.map((term) => weights[term]).join(","),
    ],
    ["limits", writeLimits(limits)],
    ["minutes", minutesPerString === first.minutesPerString ? null : String(minutesPerString)],
  ];
  const pairs = parts.flatMap(([name, text]) =>
    text === null
      ? []
      : [`${name}=${encodeURIComponent(text).replace(/%2C|%3B/g, decodeURIComponent)}`],
  );
  return `?${pairs.join("&")}`;
}

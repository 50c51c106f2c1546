import { degreesOf } from "@/core/voicing";
import { type NeckView } from "@/state";

type MapNeckView = Pick<NeckView, "mapped" | "naturals" | "mapStrings">;

/** What the map shows now, and what it depends on. */
export interface ShownMap extends MapNeckView, Pick<NeckView, "voicing"> {
  readonly strings: number;
}

interface MapPreset {
  readonly name: string;
  /** The degrees it shows; null for those of the chord. */
  readonly degrees: readonly number[] | null;
  /** Only on this many of the thickest strings. */
  readonly thickest?: number;
  readonly naturals?: boolean;
}

/** Maps that players ask for; the pentatonics and scales by their degrees (handbook theory). */
export const MAP_PRESETS: readonly MapPreset[] = [
  { name: "the chord", degrees: null },
  { name: "my roots, 2 strings", degrees: [0], thickest: 2 },
  { name: "all roots", degrees: [0] },
  { name: "root and fifth", degrees: [0, 7] },
  { name: "natural notes", degrees: null, naturals: true },
  { name: "major triad", degrees: [0, 4, 7] },
  { name: "minor triad", degrees: [0, 3, 7] },
  { name: "minor pentatonic", degrees: [0, 3, 5, 7, 10] },
  { name: "major pentatonic", degrees: [0, 2, 4, 7, 9] },
  { name: "blues", degrees: [0, 3, 5, 6, 7, 10] },
  { name: "major scale", degrees: [0, 2, 4, 5, 7, 9, 11] },
  { name: "natural minor", degrees: [0, 2, 3, 5, 7, 8, 10] },
  { name: "all twelve", degrees: [0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11] },
];

/** The preset that the map shows now; null for a map of the player's own. */
export function presetOf({ mapped, naturals, mapStrings, strings }: ShownMap): string | null {
  const shown = { mapped, naturals, mapStrings };
  const preset = MAP_PRESETS.find((each) => {
    const would = mapOf(each, strings);
    // Strings the player chose go with any preset that does not choose them itself.
    return isSame(each.thickest ? would : { ...would, mapStrings }, shown);
  });
  return preset?.name ?? null;
}

/** What changes where a preset is taken; strings that the preset before had chosen come back. */
export function takePreset(name: string, shown: ShownMap): Partial<MapNeckView> {
  const preset = MAP_PRESETS.find((each) => each.name === name);
  if (!preset) return {};
  const before = MAP_PRESETS.find((each) => each.name === presetOf(shown));
  const taken = mapOf(preset, shown.strings);
  const keepsStrings = !preset.thickest && !before?.thickest;
  return keepsStrings ? { ...taken, mapStrings: shown.mapStrings } : taken;
}

function mapOf({ degrees, thickest, naturals = false }: MapPreset, strings: number): MapNeckView {
  return {
    mapped: degrees,
    naturals,
    mapStrings: thickest
      ? Array.from({ length: Math.min(thickest, strings) }, (_, string) => string)
      : null,
  };
}

function isSame(a: MapNeckView, b: MapNeckView): boolean {
  return (
    JSON.stringify([a.mapped, a.naturals, a.mapStrings]) ===
    JSON.stringify([b.mapped, b.naturals, b.mapStrings])
  );
}

/** Whether the map shows other degrees than the chord, so that grips of them may be asked for. */
export function isOtherChord({
  mapped,
  naturals,
  voicing,
}: Pick<NeckView, "mapped" | "naturals" | "voicing">): boolean {
  return (
    !naturals &&
    mapped !== null &&
    mapped.length > 1 &&
    mapped.includes(0) &&
    mapped.join() !== degreesOf(voicing).join()
  );
}

import { DEFAULT_SONG_SETTINGS, sectionKeys, type Mark } from "@/core/arrangement";
import { type PlayedDrill } from "./drill";
import { type DrillGrip } from "./grips";

/** A bar of a drill: a grip, perhaps in a texture of its own, or a bar to go back in. */
type DrillBar = (DrillGrip & { readonly texture?: string }) | "rest";

/**
 * A drill of these bars, each with its grip pinned, as a chart; none where a grip cannot be played.
 *
 * @param texture of all bars that have none of their own
 */
export function drillOf(
  base: Pick<PlayedDrill, "key" | "kind" | "name" | "say"> &
    Partial<Pick<PlayedDrill, "startBpm" | "showsSilence">>,
  bars: readonly (DrillBar | null)[],
  texture = "quarters",
): readonly PlayedDrill[] {
  if (bars.includes(null)) return [];
  const words = bars.map((bar) => (bar === "rest" ? "N.C." : bar && wordOf(bar)));
  const text = `Texture: ${texture}\n| ${words.join(" | ")} |\n`;
  const marks = bars.flatMap((bar, index): readonly Mark[] => {
    if (!bar || bar === "rest") return [];
    const { name, fretting } = bar;
    return [{ act: "pin", chord: name, section: SECTION, at: [index, 0], fretting, fingers: null }];
  });
  const settings = { ...DEFAULT_SONG_SETTINGS, marks };
  const plain = { startBpm: START_BPM, goalBpm: GOAL_BPM, showsSilence: false, bars: null };
  return [{ ...plain, ...base, how: "played", text, settings }];
}

/** A chart without headings is one section without a name. */
const [SECTION = ""] = sectionKeys({ sections: [{ name: "" }] });

function wordOf({ name, texture }: Exclude<DrillBar, "rest">): string {
  return texture ? `${name}~${texture.replaceAll(" ", "+")}` : name;
}

/** Drills of movement begin at about 60 and lead to about 120 (common practice). */
export const START_BPM = 60;
export const GOAL_BPM = 120;

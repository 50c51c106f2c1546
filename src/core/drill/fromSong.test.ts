import { DEFAULT_SONG_SETTINGS } from "@/core/arrangement";
import { makeSong } from "@/core/arrangement/testing";
import { songDrills } from "./index";

function drillsFrom(text: string) {
  const { arrangement, route } = makeSong(text);
  const song = { id: 7, name: "Made up", text, settings: DEFAULT_SONG_SETTINGS };
  return { found: songDrills({ ...song, arrangement, route }), arrangement, route };
}

describe("drills from a song", () => {
  test("the tightest changes, each once, with the bars around it, begun slower than they break", () => {
    const text = "Tempo: 120\n| A5 | D5 | A5 | D5 | A5 G5 | B5 |\n| E5 |\n";
    const { found, arrangement, route } = drillsFrom(text);
    expect(new Set(found.map(({ key }) => key)).size).toBe(found.length);
    const [first] = found;
    const worst = route.timed.worst ?? -1;
    const from = arrangement.chords[route.played[worst] ?? -1];
    expect(first?.bars?.[0]).toBe(from?.playedBar);
    expect(first?.startBpm).toBeLessThan(route.timed.changes[worst]?.cleanTempoBpm ?? 0);
    expect(first?.startBpm).toBeLessThanOrEqual(120);
    const changes = found.map(({ name }) => name.split(" in ")[0]);
    expect(changes.filter((name) => name === "A5 to D5").length).toBeLessThanOrEqual(1);
  });

  test("a riff is one drill a bar, whatever its notes", () => {
    const text = "Tempo: 120\n| 6:3 6:5 6:8 6:3 | A5 | 6:3 6:5 6:8 6:3 |\n";
    const names = drillsFrom(text).found.map(({ name }) => name);
    expect(names.filter((name) => name.startsWith("The riff of bar"))).toHaveLength(2);
    expect(names).toContain("The riff to A5 in Made up");
  });
});

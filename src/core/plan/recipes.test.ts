import { describe, expect, test } from "@jest/globals";
import { planRoutes } from "./planRoutes";
import { type RouteRecipe } from "./request";
import { countOut, neckOf, planned, request } from "./testing";
import { areDistinct, shapeOf, type Fretting } from "@/core/fretting";
import { NO_GRIP_LIMITS } from "@/core/gripSearch";

describe("recipes, held against every route that keeps them", () => {
  const small = neckOf([40, 45, 50, 55], 9);
  const fretsOfWay = (way: string): readonly Fretting[] =>
    way.split(";").map((frets) => frets.split(",").map((fret) => (fret ? Number(fret) : null)));
  const isOnePosition = (width: number) => (grips: readonly Fretting[]) => {
    const pressed = grips.flat().filter((fret): fret is number => fret !== null && fret > 0);
    return Math.max(...pressed) - Math.min(...pressed) < width;
  };
  const hasOneShape = (grips: readonly Fretting[]) => new Set(grips.map(shapeOf)).size === 1;
  test.each<[string, RouteRecipe, (grips: readonly Fretting[]) => boolean]>([
    ["E5 G5 A5", "closed", (grips) => !grips.flat().includes(0)],
    ["A5 G5 A5", "one place", ([first, , last]) => first?.join() === last?.join()],
    ["G5 A5 B5", "one shape", hasOneShape],
    ["G5 A5 C5", "one position", isOnePosition(4)],
  ])("%s, %s", (text, recipe, keeps) => {
    const requested = request(text, small, { recipe, max: 3 });
    const all = countOut({ ...requested, max: Infinity })
      .filter(({ way }) => keeps(fretsOfWay(way)))
      .slice(0, 3);
    const found = planned(requested);
    expect(found.map(({ total }) => total.toFixed(6))).toEqual(
      all.map(({ total }) => total.toFixed(6)),
    );
  });

  test("with distinct routes, each is the best beside those before it", () => {
    const requested = request("E5 A5 G5", small, { distinct: true, max: 3 });
    const left = countOut(requested).map((each) => ({ ...each, grips: fretsOfWay(each.way) }));
    for (const { total, stops } of planned(requested)) {
      expect(total).toBeCloseTo(left[0]?.total ?? NaN, 9);
      const isDistinct = ({ grips }: { grips: readonly Fretting[] }) =>
        grips.some((each, at) => areDistinct(each, stops[at]?.fingering.fretting ?? []));
      left.splice(0, left.length, ...left.filter(isDistinct));
    }
  });

  test("a pinned grip stands outside of the recipe", () => {
    const fretting = [7, 9, 9, null];
    const requested = request("B5 G5 B5", small, {
      recipe: "one position",
      pins: [{ index: 0, fretting }],
    });
    expect(planned(requested)[0]?.stops[0]?.fingering.fretting).toEqual(fretting);
  });

  test("one that no route can keep is refused by name", () => {
    const narrow = request("E5 F5 D#5 B5", neckOf([40, 45, 50, 55], 24), {
      recipe: "one position",
      limits: { ...NO_GRIP_LIMITS, rootStrings: [0], openStrings: "none" },
    });
    expect(planRoutes(narrow)).toMatchObject({ ok: false, problem: { field: "recipe" } });
  });
});

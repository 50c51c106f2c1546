import { compareFrettings } from "@/core/fretting";
import { makeGripSearch, NO_GRIP_LIMITS, type GripLimits } from "@/core/gripSearch";
import { failure, type Result } from "@/core/result";
import { termsAt, type RouteRequest } from "./request";

/** For a chord without a grip: which limit excludes it, or that none can be held at all. */
export function impossible(request: RouteRequest, index: number): Result<never> {
  const { neck, player, chords, forbidden = [] } = request;
  const chord = chords[index];
  const name = chord?.name ?? "";
  if (request.riff?.some((place) => place.index === index)) {
    return failure("chords", `${name} lies on no string of this neck within these limits`);
  }
  const { weights, limits } = termsAt(request, index);
  const without = (dropped: Partial<GripLimits>) =>
    chord &&
    makeGripSearch(neck, player, weights, undefined, { ...limits, ...dropped })
      .cheapest(neck.midi, chord, 1 + forbidden.length)
      .some(
        ({ fretting }) =>
          !forbidden.some(
            (each) => each.index === index && compareFrettings(each.fretting, fretting) === 0,
          ),
      );
  if (request.recipe === "closed" && without({})) {
    return failure("recipe", `${name} has no grip without open strings`);
  }
  const dropped: readonly (readonly [string, Partial<GripLimits>])[] = [
    ["frets", { frets: null }],
    ["rootStrings", { rootStrings: null }],
    ["openStrings", { openStrings: "any" }],
    ["maxNotes", { maxNotes: null }],
  ];
  for (const [limit, part] of dropped) {
    if (without(part)) return failure(`limits.${limit}`, `${name} has no grip within this limit`);
  }
  if (without(NO_GRIP_LIMITS)) return failure("limits", `${name} has no grip within these limits`);
  const isForbidden = forbidden.some((each) => each.index === index);
  if (isForbidden) return failure("forbidden", `${name} has no grip but those that are forbidden`);
  return failure("chords", `${name} has no grip that this hand can hold in this tuning`);
}

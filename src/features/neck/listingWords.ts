import { NO_FILTER, type FilterName, type GripFilter, type GripOrder } from "@/core/listing";

/** What orders and conditions are called. */
export const ORDER_NAMES: Readonly<Record<GripOrder, string>> = {
  usual: "usual first",
  effort: "easiest first",
  ringing: "open and ringing",
  heavy: "low and heavy",
  high: "up the neck",
  close: "close to the pin",
  lowest: "lowest first",
  nearest: "nearest to the pin first",
  clearest: "clearest first",
  heaviest: "heaviest first",
};

/** A condition in words, for a guitar with this many strings. */
export function conditionText(filter: GripFilter, name: FilterName, strings: number): string {
  switch (name) {
    case "bassString":
      return `lowest note on string ${strings - (filter.bassString ?? 0)}`;
    case "lowestNote":
      return `${filter.lowestNote} lowest`;
    case "frets":
      return `frets ${filter.frets?.join(" to ")}`;
    case "openStrings":
      return `${filter.openStrings} open strings`;
    case "barre":
      return `${filter.barre} bars`;
    case "strumSafe":
      return "strum-safe";
    case "comfortable":
      return "comfortable reach";
    case "maxFingers":
      return filter.maxFingers === 1 ? "one finger" : `at most ${filter.maxFingers} fingers`;
    case "notes":
      return `${filter.notes} notes`;
    case "through":
      return `string ${strings - (filter.through?.string ?? 0)} at ${filter.through?.fret}`;
  }
}

/** The conditions that ask for something. */
export function activeConditions(filter: GripFilter): readonly FilterName[] {
  return (Object.keys(NO_FILTER) as FilterName[]).filter(
    (name) => filter[name] !== NO_FILTER[name],
  );
}

/** The same filter without one of its conditions. */
export function withoutCondition(filter: GripFilter, name: FilterName): GripFilter {
  return { ...filter, [name]: NO_FILTER[name] };
}

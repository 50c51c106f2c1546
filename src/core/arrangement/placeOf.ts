import { type ArrangedChord, type Arrangement } from "./arrange";
import { type MarkPlace } from "./settings";

/** Where a chord stands, for a mark that is meant for it alone. */
export function placeOf(
  {
    writtenName,
    section,
    bar,
    inBar,
  }: Pick<ArrangedChord, "writtenName" | "section" | "bar" | "inBar">,
  { sectionKeys }: Pick<Arrangement, "sectionKeys">,
): MarkPlace {
  return { chord: writtenName, section: sectionKeys[section] ?? "", at: [bar, inBar] };
}

import { makeNeck, type Neck } from "@/core/neck";
import { type Midi } from "@/core/pitch";
import { type Guitar } from "@/server/types";

/** The guitar's neck in a tuning. Guitars and tunings were checked when they came in. */
export function neckOf(guitar: Guitar, midi: readonly Midi[]): Neck {
  const neck = makeNeck({ ...guitar, midi });
  if (!neck.ok) throw new Error(neck.problem.message);
  return neck.value;
}

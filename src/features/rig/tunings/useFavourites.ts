import { useMemo } from "react";
import { type Midi } from "@/core/pitch";
import { samePitches } from "@/core/tuning";
import { newId, useRig } from "@/session";
import { placeAt } from "@/state";
import { type Act } from "@/wire";
import { useEvent } from "@/ui/controls";
import { dropIndex } from "./dragIds";

interface Favourites {
  /** Their pitches, in the player's order. */
  readonly favourites: readonly (readonly Midi[])[];
  readonly isFavourite: (midi: readonly Midi[]) => boolean;
  /** Adds a tuning at the end, or takes it out. */
  readonly toggle: (midi: readonly Midi[]) => void;
  /** Puts a tuning where another one is; at the end where that is none of them. */
  readonly put: (midi: readonly Midi[], over: readonly Midi[]) => void;
}

/** The player's favourite tunings, each change with its undo. */
export function useFavourites(): Favourites {
  const { favourites: kept, change } = useRig();
  const favourites = useMemo(() => kept.map(({ midi }) => midi), [kept]);
  const find = (midi: readonly Midi[]) => kept.find((each) => samePitches(each.midi, midi));

  const put = useEvent((midi: readonly Midi[], over: readonly Midi[]) => {
    const own = find(midi);
    const id = own?.id ?? newId();
    const others = kept.filter((each) => each.id !== id);
    const places = placeAt(others, dropIndex(favourites, midi, over), id);
    const acts = places.map((place): Act => {
      const { position } = place;
      return place.id === id && !own
        ? { act: "add", kind: "favourite", id, value: { midi, position } }
        : { act: "set", kind: "favourite", id: place.id, fields: { position } };
    });
    const before = own?.position;
    const undo: Act =
      before === undefined
        ? { act: "delete", kind: "favourite", id }
        : { act: "set", kind: "favourite", id, fields: { position: before } };
    void change(acts, {
      text: own ? "Favourites changed." : "Added to favourites.",
      undo: () => void change(undo),
    });
  });
  const toggle = useEvent((midi: readonly Midi[]) => {
    const own = find(midi);
    if (!own) return put(midi, []);
    const { id } = own;
    void change(
      { act: "delete", kind: "favourite", id },
      {
        text: "Removed from favourites.",
        undo: () => void change({ act: "restore", kind: "favourite", id }),
      },
    );
  });
  const isFavourite = (midi: readonly Midi[]) => find(midi) !== undefined;
  return { favourites, isFavourite, toggle, put };
}

import { useCallback, useState } from "react";
import { type ArrangedChord } from "@/core/arrangement";
import { tonesOverRoot, type Fretting } from "@/core/fretting";
import { type Neck } from "@/core/neck";
import { pitchClassOf } from "@/core/pitch";
import { usePlayer, useRig, useView } from "@/session";
import { type Guitar } from "@/state";
import { currentValue, useComputed } from "@/ui/computed";
import { AppDialog } from "@/ui/controls";
import { FretText } from "@/ui/grip";
import { useNames } from "@/ui/names";
import { NeckGrip, PlainNeck, TapLayer } from "@/ui/neck";
import { spokenNotes } from "@/ui/text";
import { compute } from "@/worker/client";

interface GripOnNeckProps {
  readonly chord: ArrangedChord;
  readonly neck: Neck;
  readonly guitar: Guitar;
  /** The grip to begin with. */
  readonly first: Fretting;
  readonly onPin: (fretting: Fretting) => void;
  readonly onClose: () => void;
}

/** Any grip of the player's own, put on the neck string by string, to be pinned to a chord. */
export function GripOnNeck({ chord, neck, guitar, first, onPin, onClose }: GripOnNeckProps) {
  const { player } = usePlayer();
  const { accidentals } = useRig().profile;
  const { thickOnTop, spacing } = useView().view;
  const { note } = useNames();
  const [fretting, setFretting] = useState(first);
  const { root } = chord.chord;
  const isSilent = fretting.every((fret) => fret === null);
  const fingerings = useComputed(
    useCallback(
      async () => (isSilent ? [] : compute().fingerings(neck, fretting, player)),
      [isSilent, neck, fretting, player],
    ),
  );
  const held = currentValue(fingerings);
  const [best] = held ?? [];
  const noteAt = useCallback(
    (string: number, fret: number) => spokenNotes(note((neck.midi[string] ?? 0) + fret)),
    [neck, note],
  );
  const tap = useCallback(
    (string: number, fret: number) =>
      setFretting((old) =>
        old.map((played, at) => (at === string ? (played === fret ? null : fret) : played)),
      ),
    [],
  );
  const title = `A grip of your own for ${chord.name}`;
  return (
    <AppDialog title={title} onClose={onClose} wide>
      <div className="space-y-3">
        <PlainNeck
          neck={neck}
          leftHanded={guitar.leftHanded}
          thickOnTop={thickOnTop}
          spacing={spacing}
          accidentals={accidentals}
          inSight={first}
          label={spokenNotes(title)}
          marks={(scale) => (
            <>
              <NeckGrip
                scale={scale}
                openMidi={neck.midi}
                grip={{
                  fingering: best ?? { fretting, fingers: fretting.map(() => 0 as const) },
                  tones: tonesOverRoot(neck, fretting, pitchClassOf(root)),
                }}
                root={root}
                labels="finger"
                sizeAt={scale.gripSize}
              />
              <TapLayer
                scale={scale}
                frets={neck.frets}
                fretting={fretting}
                noteAt={noteAt}
                onTap={tap}
              />
            </>
          )}
        />
        <div className="flex flex-wrap items-center gap-4">
          <p className="text-2xl font-semibold">
            <FretText fretting={fretting} />
          </p>
          <button
            type="button"
            className="button button-primary"
            disabled={!best}
            onClick={() => onPin(fretting)}
          >
            Pin this grip
          </button>
          <p aria-live="polite" className="text-muted">
            {isSilent
              ? "Tap a string where it is pressed; tap again to silence it."
              : held?.length === 0
                ? "Your hand cannot hold this."
                : ""}
          </p>
        </div>
      </div>
    </AppDialog>
  );
}

import { useCallback, useMemo } from "react";
import { type SongRoute, type Arrangement } from "@/core/arrangement";
import { type Neck } from "@/core/neck";
import { type Accidentals } from "@/core/pitch";
import { type Guitar } from "@/state";
import { lastValue, useComputed } from "@/ui/computed";
import { Mark, PlainNeck } from "@/ui/neck";
import { placeOfGrip } from "@/ui/playing";
import { NoteText } from "@/ui/text";
import { ask, type SongPlanRequest } from "@/worker/client";

interface FormOnNeckProps {
  /** The song's plan request with the form as its text. */
  readonly request: SongPlanRequest;
  readonly guitar: Guitar;
  readonly accidentals: Accidentals;
  readonly label: string;
}

/** The roots of a form's chords, at the places where its route plays them. */
export function FormOnNeck({ request, guitar, accidentals, label }: FormOnNeckProps) {
  const { text, neck, settings, player, constants, help, downStrokesBpm } = request;
  const asked = useMemo(
    (): SongPlanRequest => ({ text, neck, settings, player, constants, help, downStrokesBpm }),
    [text, neck, settings, player, constants, help, downStrokesBpm],
  );
  const planned = useComputed(
    useCallback(async () => ask("form", asked, (api) => api.songRoute(asked)), [asked]),
  );
  const found = lastValue(planned);
  const roots = found?.route ? rootsOf(neck, found.arrangement, found.route) : [];
  return (
    <div className="min-h-72 space-y-2">
      <p>
        <NoteText>
          {roots
            .map(({ name, string, fret }) => {
              const place = fret === 0 ? "open" : `fret ${fret}`;
              return `${name}: string ${neck.midi.length - string}, ${place}`;
            })
            .join("; ")}
        </NoteText>
      </p>
      <PlainNeck
        neck={neck}
        leftHanded={guitar.leftHanded}
        accidentals={accidentals}
        label={label}
        marks={(scale) =>
          roots.map(({ name, string, fret }) => (
            <Mark
              key={name}
              role="root"
              x={scale.markX(string, fret)}
              y={scale.stringY(string)}
              size={scale.gripSize(fret)}
              label={name.replace(/5$/, "")}
            />
          ))
        }
      />
    </div>
  );
}

/** The first place of each chord's root; strings are counted from the thickest, 0. */
function rootsOf(neck: Neck, { chords }: Arrangement, { played, timed }: SongRoute) {
  const roots = new Map<string, { name: string; string: number; fret: number }>();
  for (const [stop, index] of played.entries()) {
    const chord = chords[index];
    const fingering = timed.stops[stop]?.fingering;
    const place = chord && fingering && placeOfGrip(neck, chord, fingering);
    if (!place || roots.has(chord.name)) continue;
    const string = neck.midi.length - place.stringNumber;
    roots.set(chord.name, { name: chord.name, string, fret: place.fret });
  }
  return [...roots.values()];
}

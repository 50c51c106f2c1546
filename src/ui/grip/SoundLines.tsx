import { type ReactNode } from "react";
import { type Sound } from "@/core/sound";
import { useNames } from "@/ui/names";
import { NoteText } from "@/ui/text";

interface SoundLinesProps {
  readonly sound: Sound;
}

/** How the grip sounds, as computed: what it hints at below, how it beats, how rough it is. */
export function SoundLines({ sound }: SoundLinesProps) {
  const { pitch } = useNames();
  const { implied, beats, roughness, weight, clarity } = sound;
  const slowest = beats.filter(({ hz }) => hz >= 0.05).sort((a, b) => a.hz - b.hz)[0];
  return (
    <section aria-labelledby="sound-title">
      <h3 id="sound-title" className="text-lg font-semibold">
        Weight <span className="figures">{weight.points.toFixed(0)}</span>, clarity{" "}
        <span className="figures">{clarity.points.toFixed(0)}</span>
      </h3>
      <dl className="mt-1 grid grid-cols-[auto_1fr] gap-x-3 gap-y-0.5 text-[16px]">
        <Line name="Low note">
          {implied === null && "none implied"}
          {/* Below 20 Hz there is no note to name. */}
          {implied?.audibility === "below hearing" && `below hearing, ${implied.hz.toFixed(0)} Hz`}
          {implied && implied.audibility !== "below hearing" && (
            <>
              <NoteText>{pitch(implied.midi)}</NoteText>
              {` ${implied.audibility === "heard" ? "under gain" : "implied"}, ${implied.hz.toFixed(0)} Hz`}
            </>
          )}
        </Line>
        <Line name="Beats">
          {slowest ? (
            <>
              {`${slowest.hz.toFixed(1)} a second, `}
              <NoteText>{`${pitch(slowest.low)} ${pitch(slowest.high)}`}</NoteText>
            </>
          ) : (
            "none"
          )}
        </Line>
        <Line name="Rough, clean">{times(roughness.clean)}</Line>
        <Line name="Rough, gain">{times(roughness.gain)}</Line>
      </dl>
      <p className="mt-1 text-[15px] text-muted">
        <NoteText>{`× the plain fifth ${pitch(40)} ${pitch(47)}`}</NoteText>
      </p>
    </section>
  );
}

function Line({ name, children }: { readonly name: string; readonly children: ReactNode }) {
  return (
    <div className="contents">
      <dt className="text-muted">{name}</dt>
      <dd className="figures">{children}</dd>
    </div>
  );
}

function times(ratio: number): string {
  return `${ratio.toFixed(1)} ×`;
}

import { useCallback } from "react";
import { CategoryScale, Chart, Legend, LinearScale, LineElement, PointElement } from "chart.js";
import { Line } from "react-chartjs-2";
import { type Midi } from "@/core/pitch";
import { currentValue, useComputed } from "@/ui/computed";
import { chartOptions, colour, useChartLook } from "@/ui/chart";
import { TryAgain } from "@/ui/controls";
import { useNames } from "@/ui/names";
import { computeAside } from "@/worker/client";

Chart.register(CategoryScale, Legend, LinearScale, LineElement, PointElement);

/** Settings of the gain, from barely driven to a high-gain amplifier. */
const DRIVES = [0.5, 1, 2, 4, 7, 10, 15, 20];
const HEIGHT = 200;

interface RoughnessChartProps {
  readonly pitches: readonly Midi[];
  readonly a4Hz: number;
}

/** How rough the grip grows as the gain goes up, beside the plain fifth on E2. */
export function RoughnessChart({ pitches, a4Hz }: RoughnessChartProps) {
  const { pitch } = useNames();
  const look = useChartLook();
  const computed = useComputed(
    useCallback(() => computeAside().roughnessByDrive(pitches, DRIVES, { a4Hz }), [pitches, a4Hz]),
  );
  if (computed.kind === "failed") {
    return <TryAgain onRetry={computed.retry}>The picture could not be worked out.</TryAgain>;
  }
  const value = currentValue(computed);
  if (!value) return <div style={{ height: HEIGHT }} />;
  const name = pitches.map(pitch).join(" ");
  const worst = value.at(-1);
  return (
    <figure style={{ height: HEIGHT }}>
      <Line
        // Drawn again with what a canvas cannot follow.
        key={look}
        role="img"
        aria-label={`Roughness by gain. At the highest gain: ${name} ${worst?.roughness.toFixed(2)}, ${pitch(40)} ${pitch(47)} ${worst?.fifth.toFixed(2)}.`}
        data={{
          labels: value.map(({ drive }) => drive),
          datasets: [
            {
              label: realSigns(name),
              data: value.map(({ roughness }) => roughness),
              borderColor: colour("--ink"),
              backgroundColor: colour("--ink"),
              pointRadius: 4,
            },
            {
              label: realSigns(`${pitch(40)} ${pitch(47)}`),
              data: value.map(({ fifth }) => fifth),
              borderColor: colour("--muted"),
              backgroundColor: colour("--muted"),
              borderDash: [6, 4],
              pointStyle: "rect",
              pointRadius: 4,
            },
          ],
        }}
        options={chartOptions("gain", "roughness")}
      />
    </figure>
  );
}

function realSigns(text: string): string {
  return text.replaceAll("#", "♯").replaceAll(/(?<=[A-G])b/g, "♭");
}

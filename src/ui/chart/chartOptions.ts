import { type ChartOptions } from "chart.js";
import { colour } from "./colour";

/** What every chart has in common: no animation, the theme's colours, a scale from 0 with its unit beside it. */
export function chartOptions(x: string, y: string): ChartOptions<"line"> & ChartOptions<"bar"> {
  const [ink, line] = [colour("--ink"), colour("--line")];
  const axis = (text: string) => ({
    title: { display: true, text, color: ink },
    ticks: { color: ink, maxRotation: 0, autoSkipPadding: 12 },
    grid: { color: line },
  });
  return {
    animation: false,
    maintainAspectRatio: false,
    plugins: { legend: { labels: { color: ink, usePointStyle: true, boxHeight: 7 } } },
    scales: { x: axis(x), y: { ...axis(y), beginAtZero: true } },
  };
}

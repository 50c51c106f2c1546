import { type ChartOptions } from "chart.js";
import { chartFont } from "./chartFont";
import { colour } from "./colour";

/** What every chart has in common: no animation, the theme's colours and letters, a scale from 0 with its unit beside it. */
export function chartOptions(x: string, y: string): ChartOptions<"line"> & ChartOptions<"bar"> {
  const [ink, line] = [colour("--ink"), colour("--line")];
  const font = chartFont();
  const axis = (text: string) => ({
    title: { display: true, text, color: ink, font },
    ticks: { color: ink, font, maxRotation: 0, autoSkipPadding: 12 },
    grid: { color: line },
  });
  return {
    animation: false,
    maintainAspectRatio: false,
    plugins: { legend: { labels: { color: ink, font, usePointStyle: true, boxHeight: 7 } } },
    scales: { x: axis(x), y: { ...axis(y), beginAtZero: true } },
  };
}

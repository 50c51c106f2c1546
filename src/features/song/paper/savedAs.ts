import { type SongRoute } from "@/core/arrangement";
import { writeAsPowerChords } from "@/core/song";
import { type Result } from "@/core/result";
import { routeFacts } from "@/formats/routeFacts";
import { type FileKind } from "@/formats/fileKinds";
import { type SongContent } from "@/state";
import { type SongPlan } from "@/features/song/state";

/** Characters in a line of tablature. */
const TAB_WIDTH = 80;

/** Asks the server to write the song as a file with the shown route. Answers with a reason in words where it cannot. */
export async function savedAs(
  kind: FileKind,
  { sheet, paper }: { readonly sheet: string; readonly paper: string },
  { name, chart, settings }: SongContent,
  { neck, arrangement, request: { range } }: SongPlan,
  { timed, played }: SongRoute,
  a4Hz: number,
): Promise<{ readonly file: Blob; readonly lost: readonly string[] } | string> {
  const { stops, changes, cleanTempoBpm } = routeFacts(timed, played);
  const request = {
    kind,
    sheet,
    paper,
    width: TAB_WIDTH,
    name,
    chart: settings.allAsPowerChords ? writeAsPowerChords(chart) : chart,
    range,
    tuningMidi: neck.midi.map((midi) => midi - neck.capo),
    capo: neck.capo,
    a4Hz,
    route: {
      stops: arrangement.chords.map((_, index) => stops[index] ?? null),
      changes,
      cleanTempoBpm,
    },
  };
  const response = await fetch("/files/write", { method: "POST", body: JSON.stringify(request) });
  if (!response.ok) {
    const { problem } = (await response.json()) as Extract<Result<never>, { readonly ok: false }>;
    return `That could not be saved: ${problem.message}.`;
  }
  const told = response.headers.get("Tenon-Problems");
  const lost = told === null ? [] : (JSON.parse(decodeURIComponent(told)) as readonly string[]);
  return { file: await response.blob(), lost };
}

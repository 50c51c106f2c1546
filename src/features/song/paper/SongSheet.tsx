import { useRef } from "react";
import { FileDown } from "lucide-react";
import { type Arrangement, type SongRoute } from "@/core/arrangement";
import { type Chart } from "@/core/song";
import { type Tuning } from "@/core/tuning";
import { useTell } from "@/session";
import { type SongContent } from "@/state";
import { PaperDialog } from "@/ui/controls";
import { download, fileName, standalonePage } from "@/ui/save";
import { NoteText } from "@/ui/text";
import { ChartDrawing } from "@/features/song/chart";
import { PathBoard } from "@/features/song/route";
import { PathLabels } from "@/features/song/route";
import { makePathScale } from "@/features/song/route";
import { PathStops } from "@/features/song/route";
import { SongGrip } from "@/features/song/grip";
import { stripOf } from "@/features/song/state";
import { type SongPlan } from "@/features/song/state";
import { sectionName } from "@/features/song/state";

interface SongSheetProps {
  readonly song: SongContent;
  readonly tuning: Tuning;
  readonly chart: Chart;
  readonly plan: SongPlan;
  readonly route: SongRoute;
  readonly onClose: () => void;
}

const ROW_BARS = 8;
const ROW_PX = 980;
const NOTHING: ReadonlySet<string> = new Set();
const NO_CHORDS: readonly number[] = [];

/** A song for paper, or as one file that opens without Tenon: chart, grips and the route over the neck. */
export function SongSheet({ song, chart, tuning, plan, route, onClose }: SongSheetProps) {
  const tell = useTell();
  const sheet = useRef<HTMLDivElement>(null);
  const { arrangement, neck, guitar } = plan;
  const save = async () => {
    if (!sheet.current) return;
    try {
      const page = await standalonePage(sheet.current, song.name);
      download(
        new Blob([page], { type: "text/html;charset=utf-8" }),
        `${fileName(song.name) || "song"}.html`,
      );
    } catch (error) {
      console.warn(error);
      tell({ text: "The song could not be saved as a file. Is Tenon still running?" });
    }
  };
  return (
    <PaperDialog
      label="Song as a sheet"
      width="max-w-5xl"
      onClose={onClose}
      buttons={
        <button type="button" className="button" onClick={() => void save()}>
          <FileDown size={18} aria-hidden="true" />
          Save as one file
        </button>
      }
    >
      <div ref={sheet} className="mx-auto max-w-5xl space-y-6 p-3">
        <div>
          <h1 className="text-4xl font-bold">{song.name}</h1>
          <p className="text-lg">
            <NoteText>
              {`${tuning.name}, ${Math.round(arrangement.tempoBpm)} bpm, ${chart.meter}`}
            </NoteText>
          </p>
        </div>
        <ChartDrawing
          chart={chart}
          arrangement={arrangement}
          chosen={null}
          asPowerChords={song.settings.allAsPowerChords}
          onChoose={null}
          blocked={NOTHING}
        />
        {arrangement.sectionKeys.map((key, section) => {
          const grips = stripOf(arrangement, route, section);
          if (grips.length === 0) return null;
          return (
            <section key={section} className="break-inside-avoid">
              <h2 className="mb-2 text-2xl font-semibold">{sectionName(key)}</h2>
              <ol className="flex flex-wrap gap-3">
                {grips.map(({ chord: index, stop }) => {
                  const chord = arrangement.chords[index];
                  const fingering = route.timed.stops[stop]?.fingering;
                  return chord && fingering ? (
                    <li key={index} className="w-40">
                      <span className="flex items-baseline justify-between">
                        <span className="text-2xl font-bold">
                          <NoteText>{chord.name}</NoteText>
                        </span>
                        <span className="figures text-muted">{`bar ${chord.playedBar + 1}`}</span>
                      </span>
                      <SongGrip neck={neck} guitar={guitar} chord={chord} fingering={fingering} />
                    </li>
                  ) : null;
                })}
              </ol>
            </section>
          );
        })}
        <section>
          <h2 className="mb-2 text-2xl font-semibold">Route over the neck</h2>
          <PathRows arrangement={arrangement} route={route} plan={plan} />
        </section>
      </div>
    </PaperDialog>
  );
}

const [EDGE, GAP] = [54, 30];
const MAX_ROWS = 60;

interface PathRowsProps {
  readonly arrangement: Arrangement;
  readonly route: SongRoute;
  readonly plan: SongPlan;
}

/** The picture of the route, in rows of eight bars. */
function PathRows({ arrangement, route, plan }: PathRowsProps) {
  const scale = makePathScale(arrangement, plan.neck, route, 0);
  const rows = Array.from(
    { length: Math.min(MAX_ROWS, Math.ceil(arrangement.bars.length / ROW_BARS)) },
    (_, row) => arrangement.bars.slice(row * ROW_BARS, (row + 1) * ROW_BARS),
  );
  return (
    <div className="space-y-3">
      {rows.map((bars, row) => {
        const [first, last] = [bars[0], bars.at(-1)];
        if (!first || !last) return null;
        const from = scale.x(first.start);
        const to = scale.x(last.start + last.beats);
        const left = from - EDGE;
        const width = to - from + EDGE + GAP;
        return (
          <svg
            key={row}
            role="img"
            aria-label={`Route over the neck from bar ${row * ROW_BARS + 1}`}
            viewBox={`${left} 0 ${width} ${scale.height}`}
            width="100%"
            style={{ maxWidth: Math.min(ROW_PX, width) }}
            className="figures block"
          >
            <PathBoard arrangement={arrangement} scale={scale} from={from - 1} to={to} />
            <PathStops
              arrangement={arrangement}
              route={route}
              scale={scale}
              from={from}
              to={to - 1}
              chosen={null}
              hardStrokes={NO_CHORDS}
              onChoose={null}
            />
            <PathLabels scale={scale} left={left} />
          </svg>
        );
      })}
    </div>
  );
}

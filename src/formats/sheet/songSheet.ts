import { type Sheet } from "@/formats/paper";
import { success, type Result } from "@/core/result";
import { usualTuning, type GrippedScore, type Written } from "@/formats/convert";
import { type RouteFacts } from "@/formats/routeFacts";
import { problemAt, type FormatProblem } from "@/formats/score";
import { type FontSet } from "./fonts";
import { lessonPages } from "./lessonPages";
import { type Page } from "./page";
import { type Paper } from "@/formats/paper";
import { pdfOf } from "./pdf";
import { sheetSong, type SheetSong } from "./sheetSong";
import { songPages } from "./songPages";
import { SMALLEST_STAGE_SIZE, stagePages, stageSize } from "./stagePages";
import { svgOf } from "./svg";
import { tuningPages } from "./tuningPages";

interface SheetRequest {
  readonly kind: "svg" | "pdf";
  readonly sheet: Sheet;
  readonly paper: Paper;
  readonly score: GrippedScore;
  /** Null where nothing was planned. */
  readonly route: RouteFacts | null;
  readonly fonts: () => FontSet;
  /** The player's reference pitch; 440 Hz by default. */
  readonly a4Hz?: number;
}

const DEFAULT_A4_HZ = 440;

const LAYOUTS: Readonly<Record<Sheet, (song: SheetSong, paper: Paper) => readonly Page[]>> = {
  song: songPages,
  stage: stagePages,
  lesson: lessonPages,
  tuning: tuningPages,
};

/** A sheet of a song for paper or screen. */
export function songSheet(request: SheetRequest): Result<Written> {
  const { kind, sheet, paper, score, route, fonts, a4Hz = DEFAULT_A4_HZ } = request;
  const tuning = score.once.tuning ?? usualTuning();
  const song = { ...sheetSong(score.once, score.played, tuning, route), a4Hz };
  const pages = LAYOUTS[sheet](song, paper);
  const problems: FormatProblem[] = [];
  if (sheet === "stage" && pages.length > 1) {
    problems.push(problemAt(null, `the song is too long for one page; it takes ${pages.length}`));
  } else if (sheet === "stage" && stageSize(pages) < SMALLEST_STAGE_SIZE) {
    problems.push(
      problemAt(null, "the song is long for one page: its letters are small for a stage"),
    );
  }
  const write = kind === "svg" ? svgOf : pdfOf;
  return success({ content: write(pages, song.title, fonts()), problems });
}

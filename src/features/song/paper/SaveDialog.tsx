import { SHEETS, type Paper, type Sheet } from "@/formats/paper";
import { useState } from "react";
import { Download } from "lucide-react";
import { type SongRoute } from "@/core/arrangement";
import { EXTENSION_OF, type FileKind } from "@/formats/fileKinds";
import { useHearing, useRig, useTell } from "@/session";
import { type SongContent } from "@/state";
import { AppDialog, SelectField } from "@/ui/controls";
import { download, fileName, paintSvg, PAPER_OPTIONS } from "@/ui/save";
import { savedAs } from "./savedAs";
import { type SongPlan } from "@/features/song/state";

interface SaveDialogProps {
  readonly song: SongContent;
  readonly plan: SongPlan;
  readonly route: SongRoute;
  readonly onClose: () => void;
}

interface Made {
  readonly file: Blob;
  readonly name: string;
  /** What of the song it cannot say. */
  readonly lost: readonly string[];
}

const PROGRAMS: readonly (readonly [FileKind, string, string])[] = [
  ["chordpro", "Chord sheet", "ChordPro, with your grips"],
  ["bars", "Chart", "bars as text"],
  ["tab", "Tablature", "as text, with chords and counts"],
  ["musicxml", "MusicXML", "for notation programs"],
  ["mxl", "MusicXML, compressed", "the same, smaller"],
  ["midi", "MIDI file", "for sequencers"],
  ["csv", "Table", "a row for each chord, CSV"],
  ["json", "Tenon file", "to bring in again, JSON"],
];
const SHEET_NAMES: Readonly<Record<Sheet, string>> = {
  song: "Song: chart and grips",
  stage: "Stage: one page, large",
  lesson: "Lesson: grips, silence and drills",
  tuning: "Tuning card",
};
const SHEET_OPTIONS = SHEETS.map((sheet) => [sheet, SHEET_NAMES[sheet]] as const);

/** The song as a file for other programs, for paper, or as sound. */
export function SaveDialog({ song, plan, route, onClose }: SaveDialogProps) {
  const tell = useTell();
  const { a4Hz } = useRig().profile;
  const { hearing } = useHearing();
  const [sheet, setSheet] = useState<Sheet>("song");
  const [paper, setPaper] = useState<Paper>("a4");
  const [isBusy, setIsBusy] = useState(false);
  const name = fileName(song.name) || "song";

  /** Saves what is made, and says what of the song it lacks; or says why nothing was. */
  const run = async (make: () => Promise<Made | string>) => {
    setIsBusy(true);
    try {
      const made = await make();
      if (typeof made === "string") {
        tell({ text: made });
        return;
      }
      download(made.file, made.name);
      const told = made.lost.map((each) => `${each.slice(0, 1).toUpperCase()}${each.slice(1)}.`);
      tell({ text: [`${made.name} is saved.`, ...told].join(" ") });
    } catch (error) {
      console.warn(error);
      tell({ text: "That could not be saved. Is Tenon still running?" });
    } finally {
      setIsBusy(false);
    }
  };
  const save = (kind: FileKind, called = name) =>
    void run(async () => {
      const made = await savedAs(kind, { sheet, paper }, song, plan, route, a4Hz);
      return typeof made === "string" ? made : { ...made, name: `${called}.${EXTENSION_OF[kind]}` };
    });
  const savePng = () =>
    void run(async () => {
      const made = await savedAs("svg", { sheet, paper }, song, plan, route, a4Hz);
      if (typeof made === "string") return made;
      return { ...made, file: await paintSvg(made.file), name: `${name}-${sheet}.png` };
    });
  const saveSound = () =>
    void run(async () => {
      const { songWav, LONGEST_MIN } = await import("@/audio/songWav");
      const { arrangement, neck } = plan;
      const file = await songWav({ arrangement, route, neck, a4Hz, gain: hearing.gain });
      return file
        ? { file, lost: [], name: `${name}.wav` }
        : `The song is longer than ${LONGEST_MIN} minutes; save a shorter one as sound.`;
    });
  return (
    <AppDialog title={`Save ${song.name} as`} onClose={onClose}>
      <div className="space-y-6">
        <section aria-labelledby="save-programs">
          <h3 id="save-programs" className="mb-2 text-lg font-semibold">
            For other programs
          </h3>
          <ul className="grid gap-2 sm:grid-cols-2">
            {PROGRAMS.map(([kind, called, what]) => (
              <li key={kind}>
                <button
                  type="button"
                  className="button w-full justify-start text-left"
                  disabled={isBusy}
                  onClick={() => save(kind)}
                >
                  <Download size={18} aria-hidden="true" />
                  <span>
                    {called}
                    <span className="block text-[15px] font-normal text-muted">{what}</span>
                  </span>
                </button>
              </li>
            ))}
          </ul>
        </section>
        <section aria-labelledby="save-paper">
          <h3 id="save-paper" className="mb-2 text-lg font-semibold">
            For paper
          </h3>
          <div className="flex flex-wrap items-end gap-3">
            <SelectField label="Sheet" value={sheet} options={SHEET_OPTIONS} onChange={setSheet} />
            <SelectField label="Paper" value={paper} options={PAPER_OPTIONS} onChange={setPaper} />
            <button
              type="button"
              className="button button-primary"
              disabled={isBusy}
              onClick={() => save("pdf", `${name}-${sheet}`)}
            >
              <Download size={18} aria-hidden="true" />
              PDF
            </button>
            <button
              type="button"
              className="button"
              aria-label="Picture, SVG"
              disabled={isBusy}
              onClick={() => save("svg", `${name}-${sheet}`)}
            >
              <Download size={18} aria-hidden="true" />
              SVG
            </button>
            <button
              type="button"
              className="button"
              aria-label="Picture, PNG"
              disabled={isBusy}
              onClick={savePng}
            >
              <Download size={18} aria-hidden="true" />
              PNG
            </button>
          </div>
        </section>
        <section aria-labelledby="save-sound">
          <h3 id="save-sound" className="mb-2 text-lg font-semibold">
            To listen to
          </h3>
          <button type="button" className="button" disabled={isBusy} onClick={saveSound}>
            <Download size={18} aria-hidden="true" />
            Sound, WAV
          </button>
        </section>
        <p role="status" className="sr-only">
          {isBusy ? "Writing the file…" : ""}
        </p>
      </div>
    </AppDialog>
  );
}

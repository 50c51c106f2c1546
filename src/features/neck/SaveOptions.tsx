import { type Paper } from "@/formats/paper";
import { useState } from "react";
import { FileDown, Image as ImageIcon, Link, Printer } from "lucide-react";
import { pitchTexts } from "@/core/pitch";
import { type DegreePosition } from "@/core/voicing";
import { writeAddress } from "@/formats/address";
import { useTell, useView } from "@/session";
import {
  copyAddress,
  fileName,
  PAPER_OPTIONS,
  PICTURE_KINDS,
  savePdf,
  savePicture,
  saveRows,
  type PictureKind,
} from "@/ui/save";
import { neckPicture } from "./neckPicture";
import { PrintSheet } from "./PrintSheet";
import { type GripsState } from "./useGrips";

interface SaveOptionsProps {
  readonly answer: GripsState | null;
  /** What the map shows. */
  readonly positions: readonly DegreePosition[];
}

const PICTURES = ["neck", "grip"] as const;

/** The neck or the grip as a picture, a printed sheet, and the address of this view. */
export function SaveOptions({ answer, positions }: SaveOptionsProps) {
  const { view } = useView();
  const tell = useTell();
  const [isPrinting, setIsPrinting] = useState(false);
  const save = async (what: (typeof PICTURES)[number], kind: PictureKind) => {
    const drawing = document.querySelector<SVGSVGElement>(`main svg[data-picture=${what}]`);
    if (!drawing || !answer) return tell({ text: `There is no ${what} to save.` });
    const { chordName, tuningName } = answer.map;
    try {
      await savePicture(drawing, kind, fileName(chordName, "in", tuningName, what));
    } catch (error) {
      console.warn(error);
      tell({ text: `The ${what} could not be saved as ${kind.toUpperCase()}.` });
    }
  };
  const savePaper = async (paper: Paper) => {
    if (!answer) return;
    const { chordName, tuningName } = answer.map;
    try {
      const picture = neckPicture(answer, positions);
      await savePdf("neck", paper, picture, fileName(chordName, "in", tuningName));
    } catch (error) {
      console.warn(error);
      tell({ text: "The PDF could not be made. Is Tenon still running?" });
    }
  };
  const saveGrips = async () => {
    if (!answer) return;
    const { chordName, tuningName } = answer.map;
    const rows = answer.grips.map(({ name, fretting, best, midi }) => [
      name,
      fretting.map((fret) => fret ?? "x").join(" "),
      best.fingers.join(" "),
      best.effort.toFixed(1),
      Math.round(best.reachMm),
      pitchTexts(midi).join(" "),
      best.damping.strumSafe ? "yes" : "no",
    ]);
    const columns = ["grip", "frets", "fingers", "effort", "reach mm", "notes", "strum-safe"];
    await saveRows(`${chordName} in ${tuningName}`, columns, rows);
  };
  const copy = async () => tell({ text: await copyAddress(writeAddress(view), "view") });
  return (
    <div
      role="group"
      aria-label="Save or print"
      className="panel flex basis-full flex-wrap gap-2 p-3"
    >
      {PICTURES.flatMap((what) =>
        PICTURE_KINDS.map((kind) => (
          <button
            key={what + kind}
            type="button"
            className="button"
            onClick={() => void save(what, kind)}
          >
            <ImageIcon size={18} aria-hidden="true" />
            {`${what === "neck" ? "Neck" : "Grip"} as ${kind.toUpperCase()}`}
          </button>
        )),
      )}
      {PAPER_OPTIONS.map(([paper, name]) => (
        <button
          key={paper}
          type="button"
          className="button"
          disabled={!answer}
          onClick={() => void savePaper(paper)}
        >
          <FileDown size={18} aria-hidden="true" />
          {`Neck and grips as PDF, ${name}`}
        </button>
      ))}
      <button type="button" className="button" disabled={!answer} onClick={() => void saveGrips()}>
        <FileDown size={18} aria-hidden="true" />
        Grips as CSV
      </button>
      <button
        type="button"
        className="button"
        disabled={!answer}
        onClick={() => setIsPrinting(true)}
      >
        <Printer size={18} aria-hidden="true" />
        Print a sheet
      </button>
      <button type="button" className="button" onClick={() => void copy()}>
        <Link size={18} aria-hidden="true" />
        Copy the address
      </button>
      {isPrinting && answer && (
        <PrintSheet answer={answer} positions={positions} onClose={() => setIsPrinting(false)} />
      )}
    </div>
  );
}

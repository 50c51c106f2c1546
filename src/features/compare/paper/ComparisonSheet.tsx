import { useRef } from "react";
import { Image as ImageIcon } from "lucide-react";
import { useTell } from "@/session";
import { PaperDialog } from "@/ui/controls";
import { useNames } from "@/ui/names";
import { fileName, saveElement } from "@/ui/save";
import { NoteText } from "@/ui/text";
import { ChordTable } from "@/features/compare/table";
import { ColumnHead } from "@/features/compare/table";
import { figureGroups } from "@/features/compare/results";
import { FiguresTable } from "@/features/compare/table";
import { type CompareResults } from "@/features/compare/results";
import { type ShownComparison } from "@/features/compare/results";
import { verdict } from "@/features/compare/results";

interface ComparisonSheetProps {
  readonly shown: ShownComparison;
  readonly answers: CompareResults;
  readonly onClose: () => void;
}

const MAX_WITH_DRAWINGS = 4;

/** A comparison for paper, dark on white; or saved as a picture. */
export function ComparisonSheet({ shown, answers, onClose }: ComparisonSheetProps) {
  const { pitch } = useNames();
  const tell = useTell();
  const sheet = useRef<HTMLDivElement>(null);
  const { columns, best, judged } = answers;
  const isCompact = columns.length > MAX_WITH_DRAWINGS;
  const names = columns.map(({ column }) => column.tuning.name);
  const save = async () => {
    if (!sheet.current) return;
    try {
      await saveElement(sheet.current, fileName(shown.comparison.chords, "in", ...names));
    } catch (error) {
      console.warn(error);
      tell({ text: "The comparison could not be saved as a picture." });
    }
  };
  return (
    <PaperDialog
      label="Comparison to print"
      width="max-w-5xl"
      onClose={onClose}
      buttons={
        <button type="button" className="button" onClick={() => void save()}>
          <ImageIcon size={18} aria-hidden="true" />
          Save as PNG
        </button>
      }
    >
      <div ref={sheet} className="space-y-4 p-3">
        <h2 className="text-3xl font-bold">
          <NoteText>{shown.comparison.chords}</NoteText>
        </h2>
        <p className="text-lg">
          <NoteText>{verdict(judged)}</NoteText>
        </p>
        <ChordTable
          chords={shown.chords}
          columns={columns}
          isCompact={isCompact}
          onOpen={null}
          heads={columns.map((answer, place) => (
            <ColumnHead
              key={place}
              answer={answer}
              isBest={place === best && columns.length > 1}
              showsGuitar
              isCompact={isCompact}
              guitars={[]}
              onGuitar={null}
              onChange={null}
              onRemove={null}
            />
          ))}
        />
        <FiguresTable names={names} groups={figureGroups(columns, pitch)} />
      </div>
    </PaperDialog>
  );
}

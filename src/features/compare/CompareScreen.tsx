"use client";

import { useState, type ReactNode } from "react";
import { Plus, Save, Search, SlidersHorizontal } from "lucide-react";
import { useRouter } from "next/navigation";
import { type WeighedChord } from "@/core/compare";
import { NO_GRIP_LIMITS } from "@/core/gripSearch";
import { noteText } from "@/core/pitch";
import { writeCompareAddress } from "@/formats/address";
import {
  useAddress,
  useComparisonDocument,
  useRig,
  useTuningShelf,
  useUndoThrough,
  useView,
} from "@/session";
import { HOLDS, MAX_COLUMNS } from "@/state";
import { onDemand, TryAgain, useKeys } from "@/ui/controls";
import { useNames } from "@/ui/names";
import { useWidth } from "@/ui/neck";
import { NoteText } from "@/ui/text";
import { ChordTable } from "@/features/compare/table";
import { ColumnHead } from "@/features/compare/table";
import { CompareBar } from "@/features/compare/choices";
import { fitsDrawings } from "@/features/compare/table";
import { COMPARE_KEYS } from "./compareKeys";
import { figureGroups } from "@/features/compare/results";
import { FiguresTable } from "@/features/compare/table";
import { LimitsChip } from "@/features/compare/choices";
import { PinFates } from "@/features/compare/table";
import { ShapeBar } from "@/features/compare/choices";
import { ShapeSentences } from "@/features/compare/table";
import { ShapeTable } from "@/features/compare/table";
import { useColumns } from "@/features/compare/results";
import { useCompareResults, type ColumnResult } from "@/features/compare/results";
import { useComparison } from "@/features/compare/results";
import { useHeldShape } from "@/features/compare/results";
import { verdict } from "@/features/compare/results";

const TuningDialog = onDemand("The list of tunings", () =>
  import("@/ui/tuning").then((part) => part.TuningDialog),
);
const WeightSliders = onDemand("The weights", () =>
  import("./WeightSliders").then((part) => part.WeightSliders),
);
const SavePanel = onDemand("Saving", () =>
  import("@/features/compare/paper").then((part) => part.SavePanel),
);
const SearchPanel = onDemand("The search", () =>
  import("@/features/compare/search").then((part) => part.SearchPanel),
);
const ComparisonSheet = onDemand("The sheet", () =>
  import("@/features/compare/paper").then((part) => part.ComparisonSheet),
);

const PANELS = ["weigh", "save", "search"] as const;
type Panel = (typeof PANELS)[number];

const PANEL_BUTTONS: Readonly<Record<Panel, readonly [name: string, icon: ReactNode]>> = {
  weigh: ["Weigh", <SlidersHorizontal key="" size={18} aria-hidden="true" />],
  save: ["Save", <Save key="" size={18} aria-hidden="true" />],
  search: ["Find a tuning", <Search key="" size={18} aria-hidden="true" />],
};

/** Chords, pitches or a shape in several tunings, side by side; and the search for a better one. */
export function CompareScreen() {
  const { guitars, pins } = useRig();
  const { show } = useView();
  const { pitch } = useNames();
  useUndoThrough(useComparisonDocument().steps);
  const shelf = useTuningShelf();
  const router = useRouter();
  const shown = useComparison();
  const { comparison, columns, chords, problem, set } = shown;
  const { hold } = comparison;
  const answers = useCompareResults(shown);
  const shapes = useHeldShape(shown, answers.columns);
  const actions = useColumns(shown);
  const [panel, setPanel] = useState<Panel | null>(null);
  const [isPrinting, setIsPrinting] = useState(false);
  const [frame, width] = useWidth(0);
  const isCompact = !fitsDrawings(columns.length, width);
  useAddress(writeCompareAddress(comparison));
  const toggle = (each: Panel) => setPanel((open) => (open === each ? null : each));
  useKeys(COMPARE_KEYS, {
    weigh: () => toggle("weigh"),
    save: () => toggle("save"),
    search: () => toggle("search"),
    hold: () => set({ hold: HOLDS[(HOLDS.indexOf(hold) + 1) % HOLDS.length] ?? hold }),
  });

  const showOnNeck = ({ column }: ColumnResult, { chord, grips: [best] }: WeighedChord) => {
    const { tones } = chord;
    show({
      guitarId: column.guitar.id,
      tuningMidi: column.tuning.midi,
      root: noteText(chord.root),
      voicing: tones.kind === "voicing" ? tones.voicing : tones.allowed,
      minNotes: tones.kind === "voicing" ? null : tones.minNotes,
      chosen: best ? { fretting: best.grip.fretting, fingers: best.grip.best.fingers } : null,
    });
    router.push("/");
  };

  const showsGuitar = new Set(columns.map(({ guitar }) => guitar.id)).size > 1;
  const heads = answers.columns.map((answer, place) => (
    <ColumnHead
      key={place}
      answer={answer}
      isBest={place === answers.best && columns.length > 1}
      showsGuitar={showsGuitar}
      isCompact={isCompact}
      guitars={guitars.filter(
        ({ usualMidi }) => usualMidi.length === answer.column.tuning.midi.length,
      )}
      onGuitar={(guitar) => actions.moveTo(place, guitar)}
      onChange={() => actions.change(place)}
      onRemove={columns.length > 1 ? () => actions.remove(place) : null}
    />
  ));
  return (
    <div className="space-y-4">
      <h1 className="sr-only">Compare</h1>
      <div className="flex flex-wrap items-start gap-x-4 gap-y-3">
        <CompareBar shown={shown} />
        <div className="ml-auto flex flex-wrap gap-2 sm:pt-7">
          {PANELS.map((each) => {
            const [name, icon] = PANEL_BUTTONS[each];
            return (
              <button
                key={each}
                type="button"
                aria-expanded={panel === each}
                className={`button px-3 ${each === "search" ? "button-primary" : ""} ${panel === each ? "border-ink" : ""}`}
                onClick={() => toggle(each)}
              >
                {icon}
                {name}
              </button>
            );
          })}
        </div>
      </div>
      <LimitsChip
        limits={comparison.limits}
        strings={columns[0]?.tuning.midi.length ?? 0}
        onDrop={() => set({ limits: NO_GRIP_LIMITS })}
      />
      {panel === "weigh" && <WeightSliders shown={shown} />}
      {panel === "save" && (
        <SavePanel shown={shown} answers={answers} onSheet={() => setIsPrinting(true)} />
      )}
      {panel === "search" && <SearchPanel shown={shown} />}
      {answers.state.kind === "failed" && (
        <TryAgain onRetry={answers.state.retry}>This could not be worked out.</TryAgain>
      )}
      {hold !== "chord" && shapes.state.kind === "failed" && (
        <TryAgain onRetry={shapes.state.retry}>The shape could not be worked out.</TryAgain>
      )}
      {hold === "chord" && !problem && (
        <p className="min-h-7 text-xl" aria-live="polite">
          {answers.isKnown && <Verdict text={verdict(answers.judged)} />}
        </p>
      )}
      {hold === "shape" && <ShapeSentences columns={columns} />}
      {hold !== "chord" && answers.columns[0] && (
        <ShapeBar
          answer={answers.columns[0]}
          shape={shapes.shape}
          pins={pins}
          onShape={(shape) => set({ shape })}
        />
      )}
      <div
        ref={frame}
        className="min-h-96 overflow-x-auto pb-2"
        tabIndex={0}
        role="region"
        aria-label="Comparison"
        aria-busy={answers.state.kind === "waiting"}
      >
        {width > 0 && hold === "chord" && (
          <ChordTable
            chords={chords}
            columns={answers.columns}
            heads={heads}
            isCompact={isCompact}
            onOpen={showOnNeck}
          />
        )}
        {width > 0 && hold !== "chord" && (
          <ShapeTable
            hold={hold}
            columns={columns}
            shapes={shapes}
            heads={heads}
            isCompact={isCompact}
          />
        )}
      </div>
      {columns.length < MAX_COLUMNS && (
        <button
          type="button"
          className="button"
          aria-haspopup="dialog"
          onClick={() => actions.change(columns.length)}
        >
          <Plus size={18} aria-hidden="true" />
          Add a tuning
        </button>
      )}
      {hold === "shape" && <PinFates columns={columns} />}
      {hold === "chord" && !problem && (
        <FiguresTable
          names={columns.map(({ tuning }) => tuning.name)}
          groups={figureGroups(answers.columns, pitch)}
        />
      )}
      {actions.changing !== null && (
        <TuningDialog
          title={actions.changing < columns.length ? "Compare instead" : "Compare with"}
          shelf={shelf}
          current={columns[actions.changing]?.tuning.midi ?? []}
          onChoose={actions.take}
          onClose={actions.stopChanging}
        />
      )}
      {isPrinting && (
        <ComparisonSheet shown={shown} answers={answers} onClose={() => setIsPrinting(false)} />
      )}
    </div>
  );
}

/** The sentence first, its figures under it. */
function Verdict({ text }: { readonly text: string }) {
  const end = text.indexOf(". Compared");
  const [sentence, figures] = end < 0 ? [text, ""] : [text.slice(0, end + 1), text.slice(end + 1)];
  return (
    <>
      <strong className="font-semibold">
        <NoteText>{sentence}</NoteText>
      </strong>
      {figures !== "" && (
        <span className="text-[17px] text-muted sm:block">
          <NoteText>{figures}</NoteText>
        </span>
      )}
    </>
  );
}

import dynamic from "next/dynamic";
import { useState } from "react";
import { Expand, Eye, Share } from "lucide-react";
import { type DegreePosition } from "@/core/stack";
import { useWorkspace } from "@/ui/workspace";
import { type GripAnswer } from "./useGrips";

const ViewOptions = dynamic(() => import("./ViewOptions").then((part) => part.ViewOptions));
const SaveOptions = dynamic(() => import("./SaveOptions").then((part) => part.SaveOptions));

interface NeckToolsProps {
  readonly answer: GripAnswer | null;
  /** What the map shows. */
  readonly positions: readonly DegreePosition[];
}

/** How the neck is shown, the stage, and what can be saved or printed. */
export function NeckTools({ answer, positions }: NeckToolsProps) {
  const { choose } = useWorkspace();
  const [open, setOpen] = useState<"view" | "save" | null>(null);
  const toggle = (which: "view" | "save") => setOpen(open === which ? null : which);
  return (
    <>
      <div className="ml-auto flex gap-1">
        <button
          type="button"
          className="button px-2.5"
          aria-label="View"
          aria-expanded={open === "view"}
          onClick={() => toggle("view")}
        >
          <Eye size={20} aria-hidden="true" />
        </button>
        <button
          type="button"
          className="button px-2.5"
          aria-label="Save or print"
          aria-expanded={open === "save"}
          onClick={() => toggle("save")}
        >
          <Share size={20} aria-hidden="true" />
        </button>
        <button
          type="button"
          className="button px-2.5"
          aria-label="Stage view"
          onClick={() => choose({ stage: true })}
        >
          <Expand size={20} aria-hidden="true" />
        </button>
      </div>
      {open === "view" && <ViewOptions />}
      {open === "save" && <SaveOptions answer={answer} positions={positions} />}
    </>
  );
}

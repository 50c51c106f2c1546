import { Copy, Download, Trash2 } from "lucide-react";
import { type Guitar } from "@/state";

interface GuitarCardProps {
  readonly guitar: Guitar;
  readonly isOpen: boolean;
  readonly isInUse: boolean;
  readonly isUnsaved: boolean;
  readonly onOpen: () => void;
  readonly onUse: () => void;
  readonly onDuplicate: () => void;
  readonly onSaveFile: () => void;
  readonly onDelete: () => void;
}

/** One guitar of the rig: open it, play it, copy it, delete it. */
export function GuitarCard(props: GuitarCardProps) {
  const { guitar, isOpen, isInUse, isUnsaved } = props;
  const { name } = guitar;
  return (
    <li
      className={`panel flex items-stretch border-l-4 ${isOpen ? "border-l-root bg-picked" : ""}`}
    >
      <button
        type="button"
        aria-current={isOpen || undefined}
        aria-label={`Open ${name}`}
        onClick={props.onOpen}
        className="min-h-16 min-w-0 flex-1 px-3 py-1.5 text-left"
      >
        <span className="block text-lg font-semibold">{name}</span>
        <span className="figures block text-[15px] text-muted">
          {guitar.usualMidi.length} strings, {scaleText(guitar)}, {guitar.frets} frets
          {guitar.leftHanded && ", left-handed"}
          {isUnsaved && ", not saved"}
        </span>
      </button>
      <div className="flex items-center gap-1 p-1.5">
        {isInUse ? (
          <span className="px-2 font-semibold">in use</span>
        ) : (
          <button type="button" className="button px-3" onClick={props.onUse}>
            Use<span className="sr-only"> {name}</span>
          </button>
        )}
        <button
          type="button"
          className="button px-2.5"
          aria-label={`Duplicate ${name}`}
          onClick={props.onDuplicate}
        >
          <Copy size={18} aria-hidden="true" />
        </button>
        <button
          type="button"
          className="button px-2.5"
          aria-label={`Save ${name} as a file`}
          onClick={props.onSaveFile}
        >
          <Download size={18} aria-hidden="true" />
        </button>
        <button
          type="button"
          className="button px-2.5"
          aria-label={`Delete ${name}`}
          onClick={props.onDelete}
        >
          <Trash2 size={18} aria-hidden="true" />
        </button>
      </div>
    </li>
  );
}

function scaleText({ scaleMm, trebleScaleMm }: Guitar): string {
  return scaleMm === trebleScaleMm ? `${scaleMm} mm` : `${scaleMm} to ${trebleScaleMm} mm`;
}

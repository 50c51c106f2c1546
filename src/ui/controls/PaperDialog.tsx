import { type ReactNode } from "react";
import { Dialog, DialogPanel } from "@headlessui/react";
import { Printer, X } from "lucide-react";

interface PaperDialogProps {
  readonly label: string;
  readonly onClose: () => void;
  /** Buttons beside printing and closing. */
  readonly buttons?: ReactNode;
  readonly width: "max-w-4xl" | "max-w-5xl";
  readonly children: ReactNode;
}

/** A sheet for paper, dark on white whatever the theme: what is on it prints, and nothing else. */
export function PaperDialog({ label, onClose, buttons, width, children }: PaperDialogProps) {
  return (
    <Dialog
      open
      onClose={onClose}
      aria-label={label}
      className="print-sheet fixed inset-0 z-30 overflow-auto p-6"
    >
      <DialogPanel className={`mx-auto space-y-4 ${width}`}>
        <div className="flex flex-wrap gap-2 print:hidden">
          <button
            type="button"
            autoFocus
            className="button button-primary"
            onClick={() => window.print()}
          >
            <Printer size={18} aria-hidden="true" />
            Print
          </button>
          {buttons}
          <button type="button" className="button" onClick={onClose}>
            <X size={18} aria-hidden="true" />
            Close
          </button>
        </div>
        {children}
      </DialogPanel>
    </Dialog>
  );
}

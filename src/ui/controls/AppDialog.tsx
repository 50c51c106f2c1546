import { type ReactNode } from "react";
import { Dialog, DialogBackdrop, DialogPanel, DialogTitle } from "@headlessui/react";
import { X } from "lucide-react";
import { NoteText } from "@/ui/text";

interface AppDialogProps {
  readonly title: string;
  readonly onClose: () => void;
  readonly children: ReactNode;
  readonly wide?: boolean;
}

export function AppDialog({ title, onClose, children, wide = false }: AppDialogProps) {
  return (
    <Dialog open onClose={onClose} className="fixed inset-0 z-30">
      <DialogBackdrop className="fixed inset-0 bg-black/55" />
      <div className="fixed inset-0 flex items-start justify-center overflow-y-auto p-3 sm:p-8">
        <DialogPanel
          className={`panel w-full p-4 shadow-2xl sm:p-6 ${wide ? "max-w-6xl" : "max-w-3xl"}`}
        >
          <div className="mb-4 flex items-center justify-between gap-4">
            <DialogTitle className="text-2xl font-bold">
              <NoteText>{title}</NoteText>
            </DialogTitle>
            <button type="button" className="button px-3" aria-label="Close" onClick={onClose}>
              <X size={20} aria-hidden="true" />
            </button>
          </div>
          {children}
        </DialogPanel>
      </div>
    </Dialog>
  );
}

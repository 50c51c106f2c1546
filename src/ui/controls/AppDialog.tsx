import { type ReactNode } from "react";
import { Dialog, DialogBackdrop, DialogPanel, DialogTitle } from "@headlessui/react";
import { X } from "lucide-react";

interface AppDialogProps {
  readonly title: string;
  readonly onClose: () => void;
  readonly children: ReactNode;
}

export function AppDialog({ title, onClose, children }: AppDialogProps) {
  return (
    <Dialog open onClose={onClose} className="fixed inset-0 z-30">
      <DialogBackdrop className="fixed inset-0 bg-black/55" />
      <div className="fixed inset-0 flex items-start justify-center overflow-y-auto p-3 sm:p-8">
        <DialogPanel className="panel w-full max-w-3xl p-4 shadow-2xl sm:p-6">
          <div className="mb-4 flex items-center justify-between gap-4">
            <DialogTitle className="text-2xl font-bold">{title}</DialogTitle>
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

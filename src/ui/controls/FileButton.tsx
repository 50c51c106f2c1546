import { useRef } from "react";
import { Upload } from "lucide-react";

interface FileButtonProps {
  /** What the button says. */
  readonly children: string;
  /** What is chosen, for those who do not see the button. */
  readonly label: string;
  readonly accept?: string;
  readonly isPrimary?: boolean;
  readonly onFile: (file: File) => void;
}

/** A button that lets a file be chosen; the same one may be chosen again. */
export function FileButton({ children, label, accept, isPrimary, onFile }: FileButtonProps) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <button
        type="button"
        className={`button ${isPrimary ? "button-primary" : ""}`}
        onClick={() => input.current?.click()}
      >
        <Upload size={18} aria-hidden="true" />
        {children}
      </button>
      <input
        ref={input}
        type="file"
        accept={accept}
        aria-label={label}
        className="sr-only"
        tabIndex={-1}
        onChange={({ target }) => {
          const file = target.files?.[0];
          if (file) onFile(file);
          target.value = "";
        }}
      />
    </>
  );
}

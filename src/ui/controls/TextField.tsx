import { useId, type ComponentProps } from "react";
import { NoteText } from "@/ui/text";

interface TextFieldProps extends ComponentProps<"input"> {
  readonly label: string;
  readonly problem?: string | undefined;
  readonly hint?: string | undefined;
}

/** A labelled line of text, with the reason next to it where it is invalid. */
export function TextField({ label, problem, hint, className, ...input }: TextFieldProps) {
  const id = useId();
  const told = problem ?? hint;
  return (
    <div className={className}>
      <label htmlFor={id} className="field-label">
        {label}
      </label>
      <input
        id={id}
        autoComplete="off"
        spellCheck={false}
        maxLength={200}
        aria-invalid={problem ? true : undefined}
        aria-describedby={told ? `${id}-told` : undefined}
        className="field w-full"
        {...input}
      />
      {told && (
        <p
          id={`${id}-told`}
          role={problem ? "alert" : undefined}
          className={`mt-1 text-[15px] ${problem ? "text-warning" : "text-muted"}`}
        >
          <NoteText>{told}</NoteText>
        </p>
      )}
    </div>
  );
}

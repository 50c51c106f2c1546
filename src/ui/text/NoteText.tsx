import { Fragment } from "react";

/** A run of plain text, or one accidental sign. */
interface Piece {
  readonly text: string;
  readonly isSign: boolean;
}

/** A # or b right after a capital note, before no letter or a chord's suffix; or before a degree. */
const SIGN =
  /(?<=\b[A-G][#b]{0,1})([#b])(?=maj|m(?![a-z])|sus|dim|aug|add|[^a-z]|$)|(?<=^|[\s/(\d])([#b])(?=\d)/;

/** Cuts "C#5/Gb" into letters and real signs; "Abe" is only a word. */
export function splitSigns(text: string): readonly Piece[] {
  return text
    .split(SIGN)
    .filter((piece) => piece !== undefined && piece !== "")
    .map((piece) =>
      piece === "#"
        ? { text: "♯", isSign: true }
        : piece === "b"
          ? { text: "♭", isSign: true }
          : { text: piece, isSign: false },
    );
}

/** The same as plain text, for where no element may stand, as in an option. */
export function withSigns(text: string): string {
  return splitSigns(text)
    .map((piece) => piece.text)
    .join("");
}

/** The same text with real signs, for labels that only a screen reader hears. */
export function spokenNotes(text: string): string {
  return splitSigns(text)
    .map(({ text: piece }) => (piece === "♯" ? " sharp" : piece === "♭" ? " flat" : piece))
    .join("");
}

/** Text with note or degree names in it, set with real sharp and flat signs. */
export function NoteText({ children }: { readonly children: string }) {
  return (
    <>
      {splitSigns(children).map(({ text, isSign }, index) =>
        isSign ? (
          <span key={index} className="sign">
            {text}
          </span>
        ) : (
          <Fragment key={index}>{text}</Fragment>
        ),
      )}
    </>
  );
}

/** The same inside an SVG text element. */
export function NoteTspans({ children }: { readonly children: string }) {
  return (
    <>
      {splitSigns(children).map(({ text, isSign }, index) => (
        <tspan key={index} className={isSign ? "neck-sign" : undefined}>
          {text}
        </tspan>
      ))}
    </>
  );
}

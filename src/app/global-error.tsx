"use client";

/** The last resort, when even the frame of the page failed; what can be wrong with the data has pages of its own. */
export default function GlobalError({ reset }: { readonly reset: () => void }) {
  return (
    <html lang="en">
      <body style={{ fontFamily: "sans-serif", padding: "3rem", textAlign: "center" }}>
        <h1>Tenon stopped</h1>
        <p>
          What you saved is safe. Try again; the window in which Tenon runs says why it stopped.
        </p>
        <button type="button" onClick={reset}>
          Try again
        </button>
      </body>
    </html>
  );
}

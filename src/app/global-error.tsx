"use client";

/** The last resort, when even the frame of the page failed, such as a data folder that cannot be read. */
export default function GlobalError({ reset }: { readonly reset: () => void }) {
  return (
    <html lang="en">
      <body style={{ fontFamily: "sans-serif", padding: "3rem", textAlign: "center" }}>
        <h1>Tenon could not start</h1>
        <p>
          The window where Tenon runs says why. Often the data folder cannot be read or written.
        </p>
        <button type="button" onClick={reset}>
          Try again
        </button>
      </body>
    </html>
  );
}

"use client";

import { useEffect } from "react";

interface ErrorPageProps {
  readonly error: Error & { digest?: string };
  readonly reset: () => void;
}

/** A screen that failed: what the player can do, and nothing lost. */
export default function ErrorPage({ error, reset }: ErrorPageProps) {
  useEffect(() => console.error(error), [error]);
  return (
    <div role="alert" className="mx-auto max-w-xl py-16 text-center">
      <h1 className="mb-3 text-3xl font-bold">This screen stopped</h1>
      <p className="mb-6 text-lg text-muted">
        Your guitars and pins are safe. Try again; if it stops again, restart Tenon.
      </p>
      <button type="button" className="button button-primary" onClick={reset}>
        Try again
      </button>
    </div>
  );
}

"use client";

import { useEffect, useState, type ComponentType, type ReactNode } from "react";
import { TryAgain } from "./TryAgain";

/** What still has to be fetched, in the order in which the screens name it. */
const unfetched = new Set<() => Promise<void>>();

/**
 * A part that is fetched once it is asked for, or before, when the page has nothing else to do. One
 * that cannot be fetched says so and offers to try again; `name` begins that sentence. `meanwhile` is
 * shown until it is there.
 */
export function onDemand<Props extends object>(
  name: string,
  load: () => Promise<ComponentType<Props>>,
  meanwhile: (props: Props) => ReactNode = () => null,
): ComponentType<Props> {
  let Part: ComponentType<Props> | null = null;
  let fetching: Promise<void> | null = null;
  const fetchPart = () => {
    fetching ??= load()
      .then((part) => {
        Part = part;
        unfetched.delete(fetchPart);
      })
      .finally(() => {
        fetching = null;
      });
    return fetching;
  };
  unfetched.add(fetchPart);

  return function OnDemand(props: Props) {
    const [state, setState] = useState<"waiting" | "ready" | "failed">(Part ? "ready" : "waiting");
    useEffect(() => {
      if (state !== "waiting") return;
      let isHere = true;
      fetchPart().then(
        () => isHere && setState("ready"),
        (error: unknown) => {
          console.warn(error);
          if (isHere) setState("failed");
        },
      );
      return () => {
        isHere = false;
      };
    }, [state]);
    if (state === "failed") {
      return (
        <>
          {meanwhile(props)}
          <Failed name={name} onRetry={() => setState("waiting")} onClose={closing(props)} />
        </>
      );
    }
    return Part && state === "ready" ? <Part {...props} /> : meanwhile(props);
  };
}

interface FailedProps {
  readonly name: string;
  readonly onRetry: () => void;
  readonly onClose: (() => void) | null;
}

function Failed({ name, onRetry, onClose }: FailedProps) {
  return (
    <div className="panel fixed inset-x-4 bottom-4 z-40 mx-auto flex w-fit gap-4 px-4 py-2 shadow-xl">
      <TryAgain
        onRetry={onRetry}
      >{`${name} could not be fetched. Is Tenon still running? If it was updated, reload this page.`}</TryAgain>
      {onClose && (
        <button type="button" className="button" onClick={onClose}>
          Close
        </button>
      )}
    </div>
  );
}

/** The handler that closes a part, such as a dialog, if it has one. */
function closing(props: object): (() => void) | null {
  return "onClose" in props && typeof props.onClose === "function"
    ? (props.onClose as () => void)
    : null;
}

/**
 * Fetches what the screens on this page may ask for, one part after the other and only while the
 * page is idle, so that it is there even if the server is not by then. Answers a function that stops it.
 */
export function fetchWhileIdle(afterMs: number): () => void {
  let isStopped = false;
  const next = async () => {
    for (const fetchPart of [...unfetched]) {
      await idle();
      if (isStopped) return;
      await fetchPart();
    }
  };
  // Where one cannot be fetched, neither can the others: each is fetched once it is asked for.
  const timer = setTimeout(() => void next().catch(() => undefined), afterMs);
  return () => {
    isStopped = true;
    clearTimeout(timer);
  };
}

function idle(): Promise<void> {
  return new Promise((resolve) => {
    if ("requestIdleCallback" in window) requestIdleCallback(() => resolve());
    else setTimeout(resolve);
  });
}

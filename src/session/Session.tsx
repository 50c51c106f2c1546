"use client";

import { type ReactNode } from "react";
import { type Start } from "@/wire";
import { BringInProvider } from "./bringIn";
import { OpenDocumentsProvider } from "./document";
import { Documents } from "./documents";
import { InstrumentProvider } from "./instrument";
import { Notices } from "./notices";
import { PlayerProvider } from "./player";
import { PlayerNames } from "./playerNames";
import { RigProvider } from "./rig";

interface SessionProps {
  readonly start: Start;
  readonly children: ReactNode;
}

/** What all rooms share while a player is here; each part changes by itself. */
export function Session({ start, children }: SessionProps) {
  const { problems, origin } = start;
  // Whatever in the address could not be read.
  const first = problems.length > 0 ? { text: problems.join("; ") } : null;
  return (
    <Notices first={first}>
      <RigProvider start={start.rig} origin={origin}>
        <PlayerProvider>
          <OpenDocumentsProvider>
            <Documents start={start}>
              <InstrumentProvider>
                <PlayerNames>
                  <BringInProvider>{children}</BringInProvider>
                </PlayerNames>
              </InstrumentProvider>
            </Documents>
          </OpenDocumentsProvider>
        </PlayerProvider>
      </RigProvider>
    </Notices>
  );
}

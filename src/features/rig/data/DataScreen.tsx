"use client";

import { Download, FileUp } from "lucide-react";
import { useBringIn, useFileWork } from "@/session";
import { type DataFacts } from "@/wire";
import { Section, WorkLine } from "@/ui/controls";
import { BackupSection } from "./BackupSection";
import { CopyList } from "./CopyList";
import { OtherDataSection } from "./OtherDataSection";

/** Where the data lie, a whole copy to take away, and the copies that Tenon made. */
export function DataScreen({ facts }: { readonly facts: DataFacts | null }) {
  const bringIn = useBringIn();
  const { shown, save } = useFileWork();
  if (!facts) return <p className="text-lg">Your data cannot be read right now.</p>;
  const { file, bytes, copies, unreadable } = facts;
  return (
    <div className="grid gap-x-10 gap-y-8 lg:grid-cols-2">
      <Section title="Your data">
        <p className="text-lg">Everything is in one file on this computer, {size(bytes)}:</p>
        <p>
          <code className="text-lg break-all">{file}</code>
        </p>
        <button type="button" className="button" onClick={() => void save("copy")}>
          <Download size={18} aria-hidden="true" />
          Save a whole copy
        </button>
        <WorkLine work={shown} />
        <p className="text-[15px] text-muted">
          To move to another computer, put it into the data folder there, named tenon.sqlite, before
          Tenon is started. <code>npm run backup</code> makes the same copy.
        </p>
      </Section>
      <BackupSection />
      <OtherDataSection />
      <Section title="One thing at a time">
        <p className="text-lg">
          A song, a tuning, a guitar or a comparison from a file: you see what is in it first.
        </p>
        <button type="button" className="button" onClick={() => bringIn()}>
          <FileUp size={18} aria-hidden="true" />
          Bring in a file
        </button>
      </Section>
      <Section title="Automatic copies">
        <CopyList copies={copies} />
      </Section>
      {unreadable > 0 && (
        <Section title="Unreadable entries">
          <p className="text-lg">
            {unreadable === 1 ? "One entry" : `${unreadable} entries`} cannot be read by this
            version of Tenon: damaged, or saved by a newer one. Nothing was thrown away.
          </p>
          <a className="button" href="/data/unreadable" download>
            <Download size={18} aria-hidden="true" />
            Save them as a file
          </a>
        </Section>
      )}
    </div>
  );
}

const KILOBYTE = 1000;

function size(bytes: number): string {
  const kilobytes = Math.max(1, Math.round(bytes / KILOBYTE));
  return kilobytes < KILOBYTE ? `${kilobytes} kB` : `${(kilobytes / KILOBYTE).toFixed(1)} MB`;
}

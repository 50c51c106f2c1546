"use client";

import { useState } from "react";
import { askServer } from "@/session";
import { type Trouble, type TroubleKind } from "@/wire";
import { copyContents, TimeText } from "@/ui/text";
import { Logo } from "./Logo";
import { troubleWords } from "./troubleWords";

/** Where what lies in the folder now can be taken as it is. */
const TAKES: Readonly<Partial<Record<TroubleKind, { label: string; afresh: boolean }>>> = {
  replaced: { label: "Open what is there now", afresh: false },
  missing: { label: "Start with new data", afresh: true },
  gone: { label: "Start with new data", afresh: true },
};

/** A page of its own for each thing that can be wrong with the data: what, where, and what to do. */
export function TroublePage({ trouble }: { readonly trouble: Trouble }) {
  const { kind, folder, detail, copy } = trouble;
  const words = troubleWords(trouble);
  const [problem, setProblem] = useState<string | null>(null);
  const ask = async (path: string, body: object) => {
    const failed = await askServer(path, body);
    if (failed === null) location.reload();
    else setProblem(failed);
  };
  const take = TAKES[kind];
  return (
    <main className="mx-auto max-w-2xl space-y-5 px-4 py-10">
      <p className="flex items-center gap-2.5 text-2xl font-bold">
        <Logo />
        Tenon
      </p>
      <div role="alert" className="space-y-5">
        <h1 className="text-4xl font-bold">{words.title}</h1>
        <p className="text-xl">{words.what}</p>
      </div>
      <p className="text-lg text-muted">
        Data folder: <code className="break-all text-ink">{folder}</code>
      </p>
      <p className="text-xl">{words.remedy}</p>
      {copy && (
        <div className="panel flex flex-wrap items-center gap-4 p-4">
          <p className="min-w-0 flex-1 basis-60 text-lg">
            <span className="block font-semibold">
              Newest good copy: <TimeText iso={copy.madeAt} />
            </span>
            <span className="text-muted">{copyContents(copy)}</span>
          </p>
          <button
            type="button"
            className="button"
            onClick={() => void ask("/data/restore", { copy: copy.name })}
          >
            Use this copy
          </button>
        </div>
      )}
      <div className="flex flex-wrap gap-3">
        {kind === "in use" && detail && (
          <a className="button button-primary" href={detail}>
            Go to {detail}
          </a>
        )}
        <button
          type="button"
          className={`button ${kind === "in use" && detail ? "" : "button-primary"}`}
          onClick={() => location.reload()}
        >
          Check again
        </button>
        {take && (
          <button
            type="button"
            className="button"
            onClick={() => void ask("/data/open", { afresh: take.afresh })}
          >
            {take.label}
          </button>
        )}
      </div>
      {problem && <p className="text-lg text-warning">{problem}</p>}
    </main>
  );
}

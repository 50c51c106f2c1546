"use client";

import { CloudOff, Lock, RefreshCw } from "lucide-react";
import { useSavingNews } from "@/session";
import { useStayWhileAway } from "./useStayWhileAway";

/** Says when something is not saved, and what the player can do about it; silent otherwise. */
export function SavingBadge() {
  const news = useSavingNews();
  useStayWhileAway();
  return (
    <div role="status" aria-label="Saving" className="flex items-center">
      {badgeOf(news)}
    </div>
  );
}

function badgeOf(news: ReturnType<typeof useSavingNews>) {
  switch (news.kind) {
    case "saved":
      return null;
    case "not saved yet":
      return <Plain text="Not saved yet" title="Tenon has not answered yet." />;
    case "waiting":
      return <Plain text={waitingText(news)} title={`${news.reason}. Nothing is lost.`} />;
    case "away":
      return <Plain text={news.reason} title="Nothing waits to be saved." />;
    case "read-only":
      return (
        <span
          className="button border-warning px-3"
          title={`${news.reason}: nothing can be saved.`}
        >
          <Lock size={18} aria-hidden="true" />
          View only
        </span>
      );
    case "updated":
      return <Reload text="Tenon was updated: reload" />;
    case "other data":
      return <Reload text="The data changed: reload" />;
  }
}

/** "3 changes wait, Tenon away since 14:02" */
export function waitingText({ count, sinceMs }: { count: number; sinceMs: number }): string {
  const since = new Date(sinceMs).toLocaleTimeString("en-GB", {
    hour: "2-digit",
    minute: "2-digit",
  });
  return `${count} ${count === 1 ? "change waits" : "changes wait"}, Tenon away since ${since}`;
}

function Plain({ text, title }: { readonly text: string; readonly title: string }) {
  return (
    <span
      className="flex min-h-11 items-center gap-2 px-2 font-semibold text-warning"
      title={title}
    >
      <CloudOff size={18} aria-hidden="true" />
      {text}
    </span>
  );
}

function Reload({ text }: { readonly text: string }) {
  return (
    <button
      type="button"
      className="button border-root px-3 font-semibold"
      onClick={() => location.reload()}
    >
      <RefreshCw size={18} aria-hidden="true" />
      {text}
    </button>
  );
}

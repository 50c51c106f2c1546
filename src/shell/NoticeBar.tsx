"use client";

import { useEffect, useState } from "react";
import { useShownNotice, type Notice } from "@/session";

const SHOWN_MS = 8000;
/** A player may have to put the guitar down first. */
const WITH_UNDO_MS = 20_000;

/** The last word to the player, with Undo where it can be undone. It stays while it is pointed at or has the focus. */
export function NoticeBar() {
  const { notice, dismiss } = useShownNotice();
  const [held, setHeld] = useState<Notice | null>(null);
  const isHeld = held === notice;

  useEffect(() => {
    if (!notice || isHeld) return;
    const timer = setTimeout(dismiss, notice.undo ? WITH_UNDO_MS : SHOWN_MS);
    return () => clearTimeout(timer);
  }, [notice, isHeld, dismiss]);

  return (
    <div
      role="status"
      className="pointer-events-none fixed inset-x-0 bottom-4 z-20 flex justify-center"
    >
      {notice && (
        <div
          className="pointer-events-auto flex min-h-12 items-center gap-4 rounded-lg bg-inverse px-4 text-on-inverse shadow-xl"
          onPointerEnter={() => setHeld(notice)}
          onPointerLeave={() => setHeld(null)}
          onFocus={() => setHeld(notice)}
          onBlur={() => setHeld(null)}
        >
          <span>{notice.text}</span>
          {notice.undo && (
            <button
              type="button"
              className="min-h-11 px-2 font-semibold underline"
              onClick={notice.undo}
            >
              Undo
            </button>
          )}
        </div>
      )}
    </div>
  );
}

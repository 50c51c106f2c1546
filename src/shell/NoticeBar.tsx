"use client";

import { useEffect } from "react";
import { useShownNotice } from "@/session";

const SHOWN_MS = 8000;

/** The last word to the player, with Undo where it can be undone. */
export function NoticeBar() {
  const { notice, dismiss } = useShownNotice();

  useEffect(() => {
    if (!notice) return;
    const timer = setTimeout(dismiss, SHOWN_MS);
    return () => clearTimeout(timer);
  }, [notice, dismiss]);

  return (
    <div
      role="status"
      className="pointer-events-none fixed inset-x-0 bottom-4 z-20 flex justify-center"
    >
      {notice && (
        <div className="pointer-events-auto flex min-h-12 items-center gap-4 rounded-lg bg-inverse px-4 text-on-inverse shadow-xl">
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

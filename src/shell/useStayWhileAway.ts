import { useEffect } from "react";
import { AWAY, useSavingNews, useTell } from "@/session";

/**
 * While Tenon does not answer, another screen could not be fetched, and the browser would leave this one for an error
 * of its own. So links within Tenon stay where they are, and say why.
 */
export function useStayWhileAway(): void {
  const news = useSavingNews();
  const tell = useTell();
  const isAway = "reason" in news && news.reason === AWAY;
  useEffect(() => {
    if (!isAway) return;
    const stay = (event: MouseEvent) => {
      const link = event.target instanceof Element ? event.target.closest("a[href^='/']") : null;
      if (!link) return;
      event.preventDefault();
      event.stopPropagation();
      tell({ text: `${AWAY}, so nothing else can be opened yet. This screen goes on working.` });
    };
    document.addEventListener("click", stay, { capture: true });
    return () => document.removeEventListener("click", stay, { capture: true });
  }, [isAway, tell]);
}

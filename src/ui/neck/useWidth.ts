import { useLayoutEffect, useRef, useState, type RefObject } from "react";

/** The width of an element in whole px, kept up to date; `first` until it has been measured. */
export function useWidth(first: number): [RefObject<HTMLDivElement | null>, number] {
  const element = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(first);
  useLayoutEffect(() => {
    const target = element.current;
    if (!target) return;
    setWidth(Math.floor(target.clientWidth));
    const observer = new ResizeObserver(() => setWidth(Math.floor(target.clientWidth)));
    observer.observe(target);
    return () => observer.disconnect();
  }, []);
  return [element, width];
}

import { startTransition, useEffect, useState } from "react";

/** The value as it was when the page was last painted: whatever uses it never delays that paint. */
export function useAfterPaint<T>(value: T): T {
  const [painted, setPainted] = useState(value);
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout> | undefined;
    const frame = requestAnimationFrame(() => {
      timer = setTimeout(() => startTransition(() => setPainted(value)));
    });
    return () => {
      cancelAnimationFrame(frame);
      clearTimeout(timer);
    };
  }, [value]);
  return painted;
}

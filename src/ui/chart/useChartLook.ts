import { useEffect, useState } from "react";
import { chartFont } from "./chartFont";
import { useThemeName } from "./useThemeName";

/**
 * Names what a canvas cannot follow by itself: the theme's colours, and whether its letters have arrived. A chart is drawn
 * anew, by its key, when that changes.
 */
export function useChartLook(): string {
  const theme = useThemeName();
  const [hasLetters, setHasLetters] = useState(false);
  useEffect(() => {
    let isHere = true;
    // Older browsers, and pages without a screen, have no list of fonts.
    const fonts = document.fonts as FontFaceSet | undefined;
    const { family, size } = chartFont();
    fonts?.load(`${size}px ${family}`).then(
      () => isHere && setHasLetters(true),
      // Without them the chart stays as it was drawn.
      () => undefined,
    );
    return () => {
      isHere = false;
    };
  }, []);
  return hasLetters ? theme : `${theme}, no letters`;
}

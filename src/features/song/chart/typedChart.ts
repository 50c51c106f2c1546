import { createContext } from "react";

/** The text of the chart as it was typed a moment ago, ahead of everything that is worked out from it. */
export const TypedChart = createContext("");

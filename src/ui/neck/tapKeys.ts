/** The keys of the places on a neck that is tapped; Tab is the browser's own. */
export const TAP_KEYS = {
  reach: ["Tab"],
  tap: ["Enter", " "],
};

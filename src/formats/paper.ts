/** Sizes of paper for sheets. */
export const PAPERS = ["a4", "letter"] as const;
export type Paper = (typeof PAPERS)[number];

/** Sheets that a song is printed as. */
export const SHEETS = ["song", "stage", "lesson", "tuning"] as const;
export type Sheet = (typeof SHEETS)[number];

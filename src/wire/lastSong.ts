/** The cookie that holds the number of the song that was opened last, so that the tab comes back to it. */
export const LAST_SONG = "tenon-song";

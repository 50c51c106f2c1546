/** The ways a grip is heard: all strings at once, one by one, muted by the palm, choked. */
export const MANNERS = ["strum", "pick", "mute", "choke"] as const;
export type Manner = (typeof MANNERS)[number];

/** Tells one build from another; next.config.ts sets it, the same in what the server and what the browser runs. */
export const BUILD = process.env.TENON_BUILD ?? "development";

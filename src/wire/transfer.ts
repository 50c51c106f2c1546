/** Larger files are sent to the server in pieces of this size. */
export const PIECE_BYTES = 4_000_000;
/** The largest file that is read in pieces: a backup. */
export const MAX_UPLOAD_BYTES = 2_000_000_000;
/** Room for a log of practice of many years. */
export const MAX_LOG_BYTES = 40_000_000;

/** Files that the server makes for download. */
export const FILES_TO_SAVE = ["backup", "json", "copy", "log"] as const;
export type FileToSave = (typeof FILES_TO_SAVE)[number];

/** An upload under way: its id, and the offset of the next piece. */
export interface UploadState {
  readonly id: string;
  readonly receivedBytes: number;
}

/** What a table of rounds held, and what came of it where it was kept. */
export interface ReadRounds {
  readonly found: number;
  readonly refused: number;
  readonly problems: readonly string[];
  readonly imported: {
    readonly added: number;
    readonly known: number;
    readonly batch: number;
  } | null;
}

type Counts = Readonly<Record<string, number>>;

/** What a backup holds, and what there is now: how many of each. */
export interface BackupPreview {
  /** ISO 8601, UTC. */
  readonly madeAt: string;
  readonly counts: Counts;
  readonly current: Counts;
}

import { Transform } from "node:stream";

/** Told how much of the work is done, from 0 to 1. */
export type Progress = (share: number) => void;

/** Lets bytes through and tells how many there were so far. */
export function countBytes(onBytes: (bytes: number) => void): Transform {
  let bytes = 0;
  return new Transform({
    transform(chunk: Buffer, _encoding, done) {
      bytes += chunk.length;
      onBytes(bytes);
      done(null, chunk);
    },
  });
}

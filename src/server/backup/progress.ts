import { Transform } from "node:stream";

/** Reports the share of the work that is done, from 0 to 1. */
export type Progress = (share: number) => void;

/** Passes bytes through and reports how many have passed. */
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

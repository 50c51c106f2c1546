import { failure, success, type Result } from "@/core/result";
import { joinBytes } from "@/formats/joinBytes";

const [HEAD, TRACK] = ["MThd", "MTrk"];
const HEADER_BYTES = 8;

/**
 * The chunks of a MIDI file that its standard names, one after the other; others are allowed and left out. A file that ends
 * within a chunk is refused.
 */
export function knownChunks(bytes: Uint8Array): Result<Uint8Array> {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  const known: Uint8Array[] = [];
  let at = 0;
  while (at + HEADER_BYTES <= bytes.length) {
    const id = String.fromCharCode(...bytes.subarray(at, at + 4));
    const end = at + HEADER_BYTES + view.getUint32(at + 4);
    if (at === 0 && id !== HEAD)
      return failure("input", "this is no MIDI file; it begins with MThd");
    if (end > bytes.length) {
      return failure("input", "the file ends within a track; it is cut off, get the whole of it");
    }
    if (id === HEAD || id === TRACK) known.push(bytes.subarray(at, end));
    at = end;
  }
  const [head] = known;
  if (!head) return failure("input", "this is no MIDI file; it begins with MThd");
  if (head.length < HEADER_BYTES + 6)
    return failure("input", "the header of the MIDI file is cut off");
  return success(joinBytes(known));
}

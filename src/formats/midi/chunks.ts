import { failure, success, type Result } from "@/core/result";
import { joinBytes } from "@/formats/joinBytes";

const [HEAD, TRACK] = ["MThd", "MTrk"];
const HEADER_BYTES = 8;
/** An hour of a whole band has about half as many. */
const MAX_EVENTS = 300_000;

/**
 * The chunks of a MIDI file that its standard names, one after the other; others are allowed and left out. A file that ends
 * within a chunk is refused, as is one with more events than could be held in memory.
 */
export function knownChunks(bytes: Uint8Array): Result<Uint8Array> {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  const known: Uint8Array[] = [];
  let at = 0;
  let events = 0;
  while (at + HEADER_BYTES <= bytes.length) {
    const id = String.fromCharCode(...bytes.subarray(at, at + 4));
    const end = at + HEADER_BYTES + view.getUint32(at + 4);
    if (at === 0 && id !== HEAD)
      return failure("input", "this is no MIDI file; it begins with MThd");
    if (end > bytes.length) {
      return failure("input", "the file ends within a track; it is cut off, get the whole of it");
    }
    if (id === HEAD || id === TRACK) known.push(bytes.subarray(at, end));
    if (id === TRACK) events += countEvents(bytes.subarray(at + HEADER_BYTES, end));
    if (events > MAX_EVENTS) {
      return failure("input", `more than ${MAX_EVENTS} events, which no song has`);
    }
    at = end;
  }
  const [head] = known;
  if (!head) return failure("input", "this is no MIDI file; it begins with MThd");
  if (head.length < HEADER_BYTES + 6)
    return failure("input", "the header of the MIDI file is cut off");
  return success(joinBytes(known));
}

const [META, SYSEX, SYSEX_END, STATUS] = [0xff, 0xf0, 0xf7, 0x80];
/** Of the events of a channel, these have one byte of data; the others two. */
const [PROGRAM, PRESSURE] = [0xc0, 0xd0];

/** How many events a track has, without reading them (Standard MIDI Files 1.0, "Track Chunks"). */
function countEvents(track: Uint8Array): number {
  let [at, count, running] = [0, 0, 0];
  const variableLength = () => {
    let value = 0;
    for (let more = true; more && at < track.length; at++) {
      const byte = track[at] ?? 0;
      value = value * 128 + (byte & 0x7f);
      more = byte >= STATUS;
    }
    return value;
  };
  for (; at < track.length; count++) {
    variableLength();
    let status = track[at] ?? 0;
    if (status >= STATUS) at++;
    else status = running;
    if (status === META || status === SYSEX || status === SYSEX_END) {
      if (status === META) at++;
      const length = variableLength();
      at += length;
      continue;
    }
    running = status;
    const kind = status & 0xf0;
    at += kind === PROGRAM || kind === PRESSURE ? 1 : 2;
  }
  return count;
}

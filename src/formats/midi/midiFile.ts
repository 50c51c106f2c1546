import { writeMidi, type MidiEvent } from "midi-file";

export const TICKS = 480;
const [HEAD_BYTES, CHUNK_HEAD_BYTES] = [14, 8];
/** The package takes time with the square of a track's length, so a track is written in pieces. */
const PIECE = 200;

/** A Standard MIDI File of type 1 from the events of its tracks. */
export function midiFile(tracks: readonly (readonly MidiEvent[])[]): Uint8Array {
  const bodies = tracks.map(eventBytes);
  const length = bodies.reduce((sum, body) => sum + CHUNK_HEAD_BYTES + body.length, HEAD_BYTES);
  const file = new Uint8Array(length);
  const view = new DataView(file.buffer);
  chunkHead(view, 0, "MThd", 6);
  view.setUint16(8, 1);
  view.setUint16(10, tracks.length);
  view.setUint16(12, TICKS);
  let at = HEAD_BYTES;
  for (const body of bodies) {
    chunkHead(view, at, "MTrk", body.length);
    file.set(body, at + CHUNK_HEAD_BYTES);
    at += CHUNK_HEAD_BYTES + body.length;
  }
  return file;
}

function eventBytes(events: readonly MidiEvent[]): Uint8Array {
  const pieces: number[][] = [];
  for (let at = 0; at < events.length; at += PIECE) {
    const header = { format: 0, numTracks: 1, ticksPerBeat: TICKS } as const;
    const written = writeMidi({ header, tracks: [events.slice(at, at + PIECE)] });
    pieces.push(written.slice(HEAD_BYTES + CHUNK_HEAD_BYTES));
  }
  return Uint8Array.from(pieces.flat());
}

function chunkHead(view: DataView, at: number, name: string, length: number): void {
  for (let index = 0; index < name.length; index++) {
    view.setUint8(at + index, name.charCodeAt(index));
  }
  view.setUint32(at + 4, length);
}

import { pitchTexts, type Midi } from "@/core/pitch";
import { success, type Result } from "@/core/result";
import { readTuning } from "@/core/tuning";

/** Reads a tuning of an address: MIDI numbers with commas, or as players say it. */
export function readTuningPart(text: string): Result<readonly Midi[]> {
  const read = /^\d{1,3}(,\d{1,3})+$/.test(text) ? readMidi(text) : readTuning(text);
  return read.ok ? success(read.value.tuning.midi) : read;
}

/** Pitches are read as notes, so that they go through the same checks as user input. */
function readMidi(text: string): ReturnType<typeof readTuning> {
  const midi = text.split(",").map(Number);
  return readTuning(pitchTexts(midi).join(" "), { strings: midi.length });
}

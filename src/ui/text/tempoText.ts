import { UNLIMITED_QUARTERS_BPM } from "@/core/song";

/** The tempos of a change or a whole song, in the meter's own beat; null where nothing limits them. */
interface Tempos {
  readonly cleanTempoBpm: number | null;
  readonly possibleTempoBpm: number | null;
}

/** Whether a tempo is so fast that nothing limits it. */
export function isUnlimited(bpm: number | null, quartersPerBeat: number): bpm is null {
  return bpm === null || bpm * quartersPerBeat > UNLIMITED_QUARTERS_BPM;
}

/** "128 bpm", never more than what holds. */
export function tempoText(bpm: number | null, quartersPerBeat = 1): string {
  return isUnlimited(bpm, quartersPerBeat) ? "any tempo" : `${Math.floor(bpm)} bpm`;
}

/** "Holds to 128 bpm, possible to 160" */
export function holdsText(
  { cleanTempoBpm, possibleTempoBpm }: Tempos,
  quartersPerBeat: number,
): string {
  if (isUnlimited(cleanTempoBpm, quartersPerBeat)) return "Nothing limits the tempo";
  const holds = `Holds to ${Math.floor(cleanTempoBpm)} bpm`;
  const isWider =
    possibleTempoBpm !== null && Math.floor(possibleTempoBpm) > Math.floor(cleanTempoBpm);
  return isWider ? `${holds}, possible to ${Math.floor(possibleTempoBpm)}` : holds;
}

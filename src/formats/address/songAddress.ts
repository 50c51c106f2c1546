/** What the address of a song holds: which song, and what of it is looked at. */
interface SongAddress {
  readonly id: number | null;
  /** From 0. */
  readonly section: number;
  /** A chord as it is played, from 0; null for none. */
  readonly chord: number | null;
}

type Query = Readonly<Record<string, string | readonly string[] | undefined>>;

/** Reads "?id=7&section=2&chord=5"; what makes no sense is left out. Sections and chords count from 1 there. */
export function readSongAddress(query: Query): SongAddress {
  const numberOf = (name: string) => {
    const value = query[name];
    const number = typeof value === "string" && /^\d{1,16}$/.test(value) ? Number(value) : null;
    return number !== null && Number.isSafeInteger(number) && number > 0 ? number : null;
  };
  const chord = numberOf("chord");
  return {
    id: numberOf("id"),
    section: (numberOf("section") ?? 1) - 1,
    chord: chord === null ? null : chord - 1,
  };
}

export function writeSongAddress({ id, section, chord }: SongAddress): string {
  const parts = [
    id === null ? null : `id=${id}`,
    section > 0 ? `section=${section + 1}` : null,
    chord === null ? null : `chord=${chord + 1}`,
  ].filter((part) => part !== null);
  return parts.length > 0 ? `?${parts.join("&")}` : "";
}

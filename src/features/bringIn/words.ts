/** Kinds of files as players call them. */
export const FROM_WORDS: Readonly<Record<string, string>> = {
  chordpro: "Chord sheet",
  bars: "Chart",
  musicxml: "MusicXML",
  mxl: "MusicXML",
  midi: "MIDI file",
  tab: "Tablature",
  csv: "Table",
  json: "Song from Tenon",
};

/** One file of a font, and the signs it has. */
export interface FontFile {
  readonly data: Uint8Array;
  /** As CSS says it. */
  readonly range: string;
}

/** The files of each weight of letters, and those of sharps and flats, in the order in which a sign is looked for. */
export interface FontSet {
  readonly regular: readonly FontFile[];
  readonly semibold: readonly FontFile[];
  readonly signs: readonly FontFile[];
}

/** Where the files are, in the packages that ship them: by weight, with the signs of each. */
export const FONT_FILES = {
  regular: [
    [
      "@fontsource/barlow-semi-condensed/files/barlow-semi-condensed-latin-400-normal.woff",
      "U+0-FF,U+2000-206F,U+20AC,U+2122",
    ],
    [
      "@fontsource/barlow-semi-condensed/files/barlow-semi-condensed-latin-ext-400-normal.woff",
      "U+100-2AF,U+1E00-1EFF",
    ],
  ],
  semibold: [
    [
      "@fontsource/barlow-semi-condensed/files/barlow-semi-condensed-latin-600-normal.woff",
      "U+0-FF,U+2000-206F,U+20AC,U+2122",
    ],
    [
      "@fontsource/barlow-semi-condensed/files/barlow-semi-condensed-latin-ext-600-normal.woff",
      "U+100-2AF,U+1E00-1EFF",
    ],
  ],
  signs: [["@fontsource/noto-music/files/noto-music-music-400-normal.woff", "U+2669-266F"]],
} as const;

import { type Database } from "better-sqlite3";
import { DEFAULT_SONG_SETTINGS, NO_PLAY_LIMITS, type Mark } from "@/core/arrangement";
import { type Fretting } from "@/core/fretting";
import { type Finger } from "@/core/hand";
import { addKept } from "@/server/keeper";
import { songKeeper } from "@/server/tables";
import { type SongContent } from "@/state";

/** Invented songs with progressions of their own. */

const QUARRY_LIGHTS = `Title: Quarry Lights
Key: Dm
Tempo: 108

Verse
Texture: muted quarters down
| D5 . . F5 | G5 . C5 . | D5 . . F5 | Bb5 . C5 . |
  all the lamps along  the edge    go out one by one

Chorus
Texture: ringing x---x---x-x-x---
|: G5 . . Bb5 | F5 . C5 . | G5 . . Bb5 |1. A5 . C5 . :|2. A5 . A5! r |
   count the lights along the quarry        road

Bridge
| Bb5~once | A5~once | G5 . <F5 . | A5 . A5! r |

Verse
Chorus
`;

const SLOW_FREIGHT = `Title: Slow Freight
Key: E
Tempo: 84

Intro
E5 two counts of four

Verse
Texture: ringing eighths shuffle
| E5 E6 E5 E6 | A5 A6 A5 A6 | E5 E6 E5 E6 | % |
| A5 A6 A5 A6 | % | E5 E6 E5 E6 | % |
| B5 | A5 A6 A5 A6 | E5 E6 E5 E6 | B5 . B5! r |

Outro
| E5 . B5 . | E5! r r r |
`;

const PAPER_LANTERN = `{title: Paper Lantern}
{key: Am}
{tempo: 66}
{time: 6/8}
{texture: ringing picked}

[Verse]
[Am]Paper lantern, [E7/G#]burning thin,
[Fmaj7]hold the window [C/E]for the wind
[Dm]Nobody [Am/C]knows where the [E7]road goes [Am]in

[Chorus]
| F . . G . . | Am | Dm . . E7 . . | Am |

[Verse]
`;

const NINE_BELOW = `Title: Nine Below
Key: Bm
Tempo: 138

Intro
Texture: muted X--x--x-x---x---
|: B5 | B5 . D5 C#5 :|

Verse
Texture: muted eighths down
| B5 | G5 . F#5 . | B5 | A5 G5 E5 F#5 |

Pre-Chorus
| E5 . G5 . | A5 . C#5 . | E5 . G5 . | F#5 . F#5! r |

Chorus
Texture: ringing quarters backbeat
| D5 | A5 . C#5 . | E5 | G5 . F#5 . |
Verse
Chorus x2:
`;

const x = null;
/** A shuffle moves one finger between the fifth and the sixth, over the open root (common practice). */
const SHUFFLE_PINS: readonly Mark[] = [
  pin("E5", "Verse", [0, 2, x, x, x, x], [0, 1, 0, 0, 0, 0]),
  pin("E6", "Verse", [0, 4, x, x, x, x], [0, 3, 0, 0, 0, 0]),
  pin("A5", "Verse", [x, 0, 2, x, x, x], [0, 0, 1, 0, 0, 0]),
  pin("A6", "Verse", [x, 0, 4, x, x, x], [0, 0, 3, 0, 0, 0]),
];

function pin(
  chord: string,
  section: string,
  fretting: Fretting,
  fingers: readonly (Finger | 0)[],
): Mark {
  return { act: "pin", chord, section, at: null, fretting, fingers };
}

interface Necks {
  readonly sixId: number;
  readonly sevenId: number;
  readonly standard: readonly number[];
  readonly dropD: readonly number[];
  readonly seven: readonly number[];
}

/** Adds the demo songs; returns the one that is practised. */
export function addSongs(
  connection: Database,
  necks: Necks,
): { readonly id: number; readonly name: string; readonly text: string } {
  const { sixId, sevenId, standard, dropD, seven } = necks;
  const add = (name: string, chart: string, part: Partial<SongContent>) =>
    addKept(connection, songKeeper, {
      name,
      chart,
      guitarId: sixId,
      tuningMidi: standard,
      settings: DEFAULT_SONG_SETTINGS,
      archived: false,
      ...part,
    });
  add("Slow Freight", SLOW_FREIGHT, {
    settings: { ...DEFAULT_SONG_SETTINGS, marks: SHUFFLE_PINS },
  });
  add("Paper Lantern", PAPER_LANTERN, {});
  add("Nine Below", NINE_BELOW, {
    guitarId: sevenId,
    tuningMidi: seven,
    settings: {
      ...DEFAULT_SONG_SETTINGS,
      sectionLimits: { Chorus: { ...NO_PLAY_LIMITS, rootStrings: [1, 2] } },
    },
  });
  const name = "Quarry Lights";
  const id = add(name, QUARRY_LIGHTS, { tuningMidi: dropD });
  return { id, name, text: QUARRY_LIGHTS };
}

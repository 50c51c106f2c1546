import { describe, expect, test } from "@jest/globals";
import { DEFAULT_SONG_SETTINGS } from "@/core/arrangement";
import { DEFAULT_COMPARISON } from "./comparison";
import { DEFAULT_PROFILE } from "./profile";
import { renameFields } from "./renamedFields";
import { COMPARISON_FORMAT, PROFILE_FORMAT, readSaved, SONG_FORMAT } from "./saved";

describe("fields under the names of an earlier Tenon", () => {
  test("a section of a song keeps its name, whatever it is called", () => {
    const limits = { fiveStack: [0, 7], mostNotes: 3 };
    expect(renameFields({ way: "usual", sectionLimits: { way: limits, stack: limits } })).toEqual({
      routeKind: "usual",
      sectionLimits: {
        way: { powerChordVoicing: [0, 7], maxNotes: 3 },
        stack: { powerChordVoicing: [0, 7], maxNotes: 3 },
      },
    });
  });

  test("what was saved is read whole: a song's settings, a comparison, a profile", () => {
    const { limits, ...settings } = DEFAULT_SONG_SETTINGS;
    const song = {
      allAsFives: true,
      leastNotes: 3,
      limits: { ...limits, fiveStack: [-5, 0], mostNotes: 2 },
      sectionLimits: {},
      marks: [],
      way: "low and heavy",
    };
    expect(readSaved(SONG_FORMAT, JSON.stringify(song), 2)).toEqual({
      value: {
        ...settings,
        allAsPowerChords: true,
        minNotes: 3,
        limits: { ...limits, powerChordVoicing: [-5, 0], maxNotes: 2 },
        routeKind: "low and heavy",
      },
      replaced: [],
    });
    const { powerChordVoicing, allAsPowerChords, minNotes, ...rest } = DEFAULT_COMPARISON;
    const comparison = {
      ...rest,
      columns: [{ guitarId: 1, midi: [40, 45, 50, 55, 59, 64] }],
      chords: "A5",
      fiveStack: powerChordVoicing,
      allAsFives: !allAsPowerChords,
      leastNotes: minNotes,
    };
    expect(readSaved(COMPARISON_FORMAT, JSON.stringify(comparison), 1)?.value).toMatchObject({
      chords: "A5",
      allAsPowerChords: !allAsPowerChords,
    });
    const { ladder } = DEFAULT_PROFILE.practice;
    const older = { ...ladder, leastBpm: 50, mostBpm: 180 };
    const profile = {
      ...DEFAULT_PROFILE,
      practice: { ...DEFAULT_PROFILE.practice, ladder: older },
    };
    expect(readSaved(PROFILE_FORMAT, JSON.stringify(profile), 2)?.value.practice.ladder).toEqual({
      ...ladder,
      minBpm: 50,
      maxBpm: 180,
    });
  });
});

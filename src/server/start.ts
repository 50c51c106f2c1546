import { type Database } from "better-sqlite3";
import {
  FIRST_COMPARISON,
  readAddress,
  readCompareAddress,
  type Comparison,
  type View,
} from "@/formats/address";
import { upgradeComparison } from "./comparisons";
import { readRig } from "./rig";
import { choiceSchema } from "./schemas";
import { FIRST_CHOICE, type Choice, type Guitar, type Start } from "./types";
import { upgradeSaved } from "./upgrade";
import { loadChoice } from "./workspace";

/** The page whose address tells a comparison; every other one tells what the neck shows. */
const COMPARE_PATH = "/compare";

/** What a page begins with: the last choice, and over it what the address says ("?root=C&..."). */
export function readStart(connection: Database, search = "", path = "/"): Start {
  const rig = readRig(connection);
  const saved = loadChoice(connection);
  const { choice, replaced } = lastChoice(saved, rig.guitars);
  const mended = replaced.map((field) => `${field}: what was saved made no sense; set as at first`);
  if (path === COMPARE_PATH) {
    const { comparison, problems } = readComparison(choice, search, rig.guitars);
    const isFirst = saved === null && comparison === null;
    const told = [...mended, ...problems];
    return { rig, choice: { ...choice, comparison }, isFirst, problems: told };
  }
  const address = readAddress(search);
  const addressed = applyView(choice, address.view, rig.guitars);
  return {
    rig,
    choice: addressed ?? choice,
    isFirst: saved === null && Object.keys(address.view).length === 0,
    problems: [...mended, ...address.problems, ...(addressed ? [] : [NO_SUCH_GUITAR])],
  };
}

const NO_SUCH_GUITAR = "tuning: no guitar of yours has so many strings; add one in the Rig";

type Guitars = readonly [Guitar, ...Guitar[]];

/** The saved choice, brought up to date; on the first guitar as it hangs where its own is gone. */
function lastChoice(
  saved: unknown,
  guitars: Guitars,
): { readonly choice: Choice; readonly replaced: readonly string[] } {
  const [first] = guitars;
  const plain: Choice = { ...FIRST_CHOICE, guitarId: first.id, tuningMidi: first.tunedMidi };
  const upgraded = upgradeSaved(choiceSchema, withComparison(saved), plain);
  if (!upgraded) return { choice: plain, replaced: [] };
  const { value: whole, replaced } = upgraded;
  const guitar = guitars.find(({ id }) => id === whole.guitarId);
  if (guitar?.usualMidi.length === whole.tuningMidi.length) return { choice: whole, replaced };
  const { guitarId, tuningMidi } = plain;
  return { choice: { ...whole, guitarId, tuningMidi, chosen: null }, replaced };
}

/** The comparison inside a saved choice has defaults of its own. */
function withComparison(saved: unknown): unknown {
  if (typeof saved !== "object" || saved === null || !("comparison" in saved)) return saved;
  return { ...saved, comparison: upgradeComparison(saved.comparison) };
}

/** The comparison that the address tells over the last one, each tuning on a guitar that has its strings. */
function readComparison(
  choice: Choice,
  search: string,
  guitars: Guitars,
): { readonly comparison: Comparison | null; readonly problems: readonly string[] } {
  const { tunings, rest, problems } = readCompareAddress(search);
  if (tunings.length === 0 && Object.keys(rest).length === 0) {
    return { comparison: choice.comparison, problems };
  }
  const columns = tunings.flatMap(({ guitarId, midi }) => {
    const fitting = guitars.filter(({ usualMidi }) => usualMidi.length === midi.length);
    const guitar = fitting.find(({ id }) => id === guitarId) ?? fitting[0];
    return guitar ? [{ guitarId: guitar.id, midi }] : [];
  });
  const missing = columns.length < tunings.length ? [NO_SUCH_GUITAR] : [];
  const present = { guitarId: choice.guitarId, midi: choice.tuningMidi };
  return {
    comparison: {
      ...FIRST_COMPARISON,
      chords: choice.comparison?.chords ?? `${choice.root}5`,
      ...rest,
      columns: columns.length > 0 ? columns : (choice.comparison?.columns ?? [present]),
    },
    problems: [...problems, ...missing],
  };
}

/** The choice with a view put over it, on a guitar that has its strings; null where none has. */
function applyView(choice: Choice, view: Partial<View>, guitars: Guitars): Choice | null {
  if (Object.keys(view).length === 0) return choice;
  const strings = (view.tuningMidi ?? choice.tuningMidi).length;
  const present = guitars.find(({ id }) => id === choice.guitarId);
  const guitar = [...(present ? [present] : []), ...guitars].find(
    ({ usualMidi }) => usualMidi.length === strings,
  );
  return guitar ? { ...choice, chosen: null, ...view, guitarId: guitar.id } : null;
}

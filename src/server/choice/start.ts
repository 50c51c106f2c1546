import { type Database } from "better-sqlite3";
import { readAddress, readCompareAddress } from "@/formats/address";
import { readRig, SENSELESS } from "./rig";
import { DEFAULT_COMPARISON, type Choice, type Comparison, type Guitar, type View } from "@/state";
import { type Start } from "@/wire";
import { whileUnchanged } from "@/server/keeper";
import { loadChoice } from "./repository";

/** The page whose address holds a comparison; every other address holds what the neck shows. */
const COMPARE_PATH = "/compare";
/** The page whose address holds a song. */
const SONG_PATH = "/song";

/** What a page starts with: the last choice, overlaid with what the address says ("?root=C&..."). */
export function readStart(connection: Database, search = "", path = "/"): Omit<Start, "origin"> {
  const { rig, problems: unread } = readRig(connection);
  const saved = whileUnchanged(connection, "choice", () => loadChoice(connection, rig.guitars[0]));
  const choice = onOwnGuitar(saved.value, rig.guitars);
  const mended = [...unread, ...saved.replaced.map((field) => `${field}: ${SENSELESS}`)];
  if (path === COMPARE_PATH) {
    const { comparison, problems } = readComparison(choice, search, rig.guitars);
    const isFirst = !saved.isSaved && comparison === null;
    return {
      rig,
      choice: { ...choice, comparison },
      isFirst,
      isAddressed: search !== "",
      problems: [...mended, ...problems],
    };
  }
  const address = readAddress(path === SONG_PATH ? "" : search);
  const addressed = applyView(choice, address.view, rig.guitars);
  return {
    rig,
    choice: addressed ?? choice,
    isFirst: !saved.isSaved && Object.keys(address.view).length === 0,
    isAddressed: search !== "",
    problems: [...mended, ...address.problems, ...(addressed ? [] : [NO_SUCH_GUITAR])],
  };
}

const NO_SUCH_GUITAR = "tuning: none of your guitars has that many strings; add one in the Rig";

type Guitars = readonly [Guitar, ...Guitar[]];

/** The choice on a guitar that is there: on the first, as it is tuned now, where its own is gone. */
function onOwnGuitar(choice: Choice, guitars: Guitars): Choice {
  const guitar = guitars.find(({ id }) => id === choice.guitarId);
  if (guitar?.usualMidi.length === choice.tuningMidi.length) return choice;
  const [first] = guitars;
  return { ...choice, guitarId: first.id, tuningMidi: first.tunedMidi, chosen: null };
}

/** The last comparison, overlaid with what the address says, each tuning on a guitar that has its strings. */
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
      ...DEFAULT_COMPARISON,
      chords: choice.comparison?.chords ?? `${choice.root}5`,
      ...rest,
      columns: columns.length > 0 ? columns : (choice.comparison?.columns ?? [present]),
    },
    problems: [...problems, ...missing],
  };
}

/** The choice overlaid with a view, on a guitar with that many strings; null where there is none. */
function applyView(choice: Choice, view: Partial<View>, guitars: Guitars): Choice | null {
  if (Object.keys(view).length === 0) return choice;
  const strings = (view.tuningMidi ?? choice.tuningMidi).length;
  const present = guitars.find(({ id }) => id === choice.guitarId);
  const guitar = [...(present ? [present] : []), ...guitars].find(
    ({ usualMidi }) => usualMidi.length === strings,
  );
  if (!guitar) return null;
  const chosen = view.chosen?.fretting.length === strings ? view.chosen : null;
  return { ...choice, ...view, chosen, guitarId: guitar.id };
}

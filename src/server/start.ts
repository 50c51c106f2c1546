import { type Database } from "better-sqlite3";
import { readAddress, type View } from "@/formats/address";
import { readRig } from "./rig";
import { choiceSchema } from "./schemas";
import { FIRST_CHOICE, type Choice, type Guitar, type Start } from "./types";
import { loadChoice } from "./workspace";

/** What a page begins with: the last choice, and over it what the address says ("?root=C&..."). */
export function readStart(connection: Database, search = ""): Start {
  const rig = readRig(connection);
  const saved = loadChoice(connection);
  const address = readAddress(search);
  const choice = lastChoice(saved, rig.guitars);
  const addressed = applyView(choice, address.view, rig.guitars);
  return {
    rig,
    choice: addressed ?? choice,
    isFirst: saved === null && Object.keys(address.view).length === 0,
    problems: addressed ? address.problems : [...address.problems, NO_SUCH_GUITAR],
  };
}

const NO_SUCH_GUITAR = "tuning: no guitar of yours has so many strings; add one in the Rig";

type Guitars = readonly [Guitar, ...Guitar[]];

/** The saved choice where it still fits a guitar; else the first guitar as it hangs. */
function lastChoice(saved: unknown, guitars: Guitars): Choice {
  // What an earlier Tenon saved lacks what it did not know; the rest of it still holds.
  const whole: unknown = typeof saved === "object" ? { ...FIRST_CHOICE, ...saved } : null;
  if (choiceSchema.isValidSync(whole, { strict: true })) {
    const guitar = guitars.find(({ id }) => id === whole.guitarId);
    if (guitar?.usualMidi.length === whole.tuningMidi.length) return whole;
  }
  const [first] = guitars;
  return { ...FIRST_CHOICE, guitarId: first.id, tuningMidi: first.tunedMidi };
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

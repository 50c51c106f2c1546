import { type Grip } from "@/core/grip";
import { PointParts } from "./PointParts";

const TERM_NAMES: Readonly<Record<keyof Grip["preference"]["terms"], string>> = {
  height: "Far up the neck",
  register: "On thinner strings",
  bass: "Bass is not the root",
  form: "Form, and string of the root",
  skipped: "Strings skipped",
  thin: "Thin strings silent",
  notes: "Few strings sound",
  open: "Open strings beside frets",
  doubled: "A pitch doubled",
  order: "Notes out of order",
  tones: "Which tones are doubled",
  spread: "Frets far apart",
  fingers: "Fingers unused",
  band: "With a bass player",
  wish: "Your wish",
  pins: "Close to your pins",
};

/** What speaks against a grip beside its effort. */
export function PreferenceParts({ preference }: Pick<Grip, "preference">) {
  const { terms, points } = preference;
  return <PointParts names={TERM_NAMES} terms={terms} sum="Less usual by" points={points} />;
}

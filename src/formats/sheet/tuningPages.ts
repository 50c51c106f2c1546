import { frequencyHz, pitchTexts } from "@/core/pitch";
import { findCheck } from "@/core/retuning";
import { usualMidi } from "@/core/tuning";
import { fitted, lineItem, makePageFlow, MARGIN, noteItem, textItem, type Page } from "./page";
import { type Paper } from "@/formats/paper";
import { type SheetSong } from "./sheetSong";

/** Checks by ear stay where the hand is. */
const MAX_CHECK_FRET = 12;

/** One card: every string with its note, its pitch, its change from the usual tuning and how to check it by ear. */
export function tuningPages(song: SheetSong, paper: Paper): readonly Page[] {
  const flow = makePageFlow(paper);
  const { tuning, score } = song;
  const strings = tuning.midi.length;
  const usual = usualMidi(strings);
  const top = flow.take(64);
  flow.put(
    noteItem(MARGIN, top + 34, fitted(tuning.name, 36, flow.width), {
      size: 36,
      weight: "semibold",
    }),
    textItem(
      MARGIN,
      top + 54,
      score.capo > 0 ? `${strings} strings, capo ${score.capo}` : `${strings} strings`,
      {
        size: 14,
        shade: "grey",
      },
    ),
  );
  const row = Math.min(62, (flow.width * 1.05) / strings);
  const texts = pitchTexts(tuning.midi);
  for (const string of [...tuning.midi.keys()].reverse()) {
    const midi = tuning.midi[string] ?? 0;
    const y = flow.take(row);
    const line = y + row * 0.68;
    const change = midi - (usual[string] ?? midi);
    const turned = change === 0 ? "as usual" : `${change > 0 ? "up" : "down"} ${Math.abs(change)}`;
    flow.put(
      lineItem(
        [MARGIN, y + row - 2],
        [MARGIN + flow.width, y + row - 2],
        0.5 + (1.5 * (strings - string)) / strings,
        "light",
      ),
      textItem(MARGIN, line, String(strings - string), { size: row * 0.34, shade: "grey" }),
      noteItem(MARGIN + row * 0.6, line, texts[string] ?? "", {
        size: row * 0.62,
        weight: "semibold",
      }),
      textItem(MARGIN + row * 2.6, line, `${frequencyHz(midi, song.a4Hz).toFixed(1)} Hz`, {
        size: row * 0.3,
      }),
      textItem(MARGIN + row * 4.3, line, turned, { size: row * 0.3 }),
      textItem(MARGIN + flow.width, line, checkText(tuning.midi, string), {
        size: row * 0.3,
        align: "right",
      }),
    );
  }
  const note = flow.take(30);
  flow.put(
    textItem(
      MARGIN,
      note + 20,
      `A4 = ${song.a4Hz} Hz. Turn thick strings first, then go round once more.`,
      { size: 11, shade: "grey" },
    ),
  );
  return flow.pages();
}

/** How to check a string by ear against a thicker one, which is tuned before it. */
function checkText(midi: readonly number[], string: number): string {
  const check = findCheck(midi, string, [...midi.keys()].slice(0, string), MAX_CHECK_FRET);
  if (!check) return "by a tuner";
  const { referenceString, referenceFret, tunedFret, kind } = check;
  const at = (fret: number) => (fret === 0 ? "" : `, fret ${fret}`);
  const own = tunedFret === 0 ? "" : `fret ${tunedFret} `;
  const relation = kind === "unison" ? "same as" : "octave of";
  return `${own}${relation} string ${midi.length - referenceString}${at(referenceFret)}`;
}

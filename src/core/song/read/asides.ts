import { keepWords } from "./addBar";
import { type ChartBuilder } from "./builder";
import { type Line, type Word } from "../text";

/** Words in parentheses among the chords of a line: how loud, how long; they are kept and take no time. */
interface Asides {
  /** Takes a word that belongs to one, or that begins one where `mayBegin`; whether it did. */
  readonly take: (word: Word, mayBegin: boolean) => boolean;
  /** Tells a parenthesis that was never closed. */
  readonly end: () => void;
}

export function makeAsides(line: Line, builder: ChartBuilder): Asides {
  let words: Word[] = [];
  const keep = () => {
    if (words.length > 0) keepWords(line, words, builder);
    words = [];
  };
  return {
    take: (word, mayBegin) => {
      if (words.length === 0 && !(mayBegin && word.text.startsWith("("))) return false;
      words.push(word);
      if (word.text.includes(")")) keep();
      return true;
    },
    end: () => {
      const [opening] = words;
      if (opening) {
        builder.problem(line, opening, "this parenthesis is never closed; write ')' after it");
      }
      keep();
    },
  };
}

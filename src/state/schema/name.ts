import { string } from "yup";
import { setPlainWords } from "./words";

setPlainWords();

const LONGEST_NAME = 60;

/** Control characters, halves of a pair, and what turns the direction of everything after it. */
const FORBIDDEN = /[\p{Cc}\p{Cs}\u2028\u2029\u200e\u200f\u061c\u202a-\u202e\u2066-\u2069]/u;
/** Letters and symbols by their class that leave no mark: fillers and the blank of braille. */
const BLANKS = /[\u115f\u1160\u3164\uffa0\u2800]/gu;
const VISIBLE = /[\p{L}\p{N}\p{P}\p{S}]/u;

/** A name that a player can see: no more than 60 characters, at least one of them visible. */
export const name = string()
  .required()
  .max(LONGEST_NAME)
  .test({
    name: "visible",
    message: ({ path }) => `${path} must have a character that can be seen`,
    test: (text) => VISIBLE.test(text.replace(BLANKS, "")),
  })
  .test({
    name: "plain",
    message: ({ path }) => `${path} has a character that cannot be shown; type it again by hand`,
    test: (text) => !FORBIDDEN.test(text),
  });

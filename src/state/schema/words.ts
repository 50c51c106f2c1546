import { setLocale, type LocaleObject } from "yup";

/** Longest list of unknown names that a refusal repeats. */
const LONGEST_NAMES = 60;

const KINDS: Readonly<Record<string, string>> = {
  number: "a number",
  string: "text",
  boolean: "true or false",
  array: "a list",
  tuple: "a list",
  object: "an object",
};

const WORDS: LocaleObject = {
  mixed: {
    default: ({ path }) => `${named(path)} is not valid`,
    required: ({ path }) => `${named(path)} is missing`,
    defined: ({ path }) => `${named(path)} is missing`,
    notNull: ({ path }) => `${named(path)} is missing`,
    oneOf: ({ path, values }) => `${named(path)} must be one of ${values}`,
    notType: ({ path, type }) => `${named(path)} must be ${KINDS[type] ?? type}`,
  },
  string: {
    min: ({ path, min }) => `${named(path)} must have at least ${min} characters`,
    max: ({ path, max }) => `${named(path)} must have at most ${max} characters`,
  },
  number: {
    min: ({ path, min }) => `${named(path)} must be ${min} or more`,
    max: ({ path, max }) => `${named(path)} must be ${max} or less`,
    moreThan: ({ path, more }) => `${named(path)} must be more than ${more}`,
    positive: ({ path }) => `${named(path)} must be more than 0`,
    integer: ({ path }) => `${named(path)} must be a whole number`,
  },
  array: {
    min: ({ path, min }) => `${named(path)} must have at least ${min} entries`,
    max: ({ path, max }) => `${named(path)} must have at most ${max} entries`,
    length: ({ path, length }) => `${named(path)} must have ${length} entries`,
  },
  tuple: { notType: ({ path }) => `${named(path)} must be a list of as many entries as asked for` },
  object: {
    noUnknown: ({ path, unknown }) => {
      const names = String(unknown);
      const shown = names.length > LONGEST_NAMES ? `${names.slice(0, LONGEST_NAMES)}…` : names;
      return `${named(path)} has unknown fields: ${shown}`;
    },
  },
};

/**
 * Has every refusal of a schema say what is wrong in plain words and without the refused value, which may be as long as
 * the request; Yup's own messages repeat it. Whatever checks with a schema calls this first.
 */
export function setPlainWords(): void {
  setLocale(WORDS);
}

function named(path: string): string {
  return path === "" || path === "this" ? "the input" : path;
}

/** Counts what held and what did not. */
export interface Checks {
  readonly equal: (what: string, is: unknown, should: unknown) => void;
  readonly matches: (what: string, text: string, pattern: RegExp) => void;
  /** That a list of complaints is empty. */
  readonly none: (what: string, complaints: readonly string[]) => void;
  readonly say: (text: string) => void;
  readonly passed: () => number;
  readonly failed: () => number;
}

const SHOWN = 5;

export function makeChecks(): Checks {
  let [passed, failed] = [0, 0];
  const check = (what: string, holds: boolean, otherwise: string) => {
    if (holds) passed += 1;
    else {
      failed += 1;
      console.error(`FAILED ${what}: ${otherwise}`);
    }
  };
  return {
    equal: (what, is, should) =>
      check(what, Object.is(is, should), `${String(is)} and not ${String(should)}`),
    matches: (what, text, pattern) =>
      check(what, pattern.test(text), `'${text.slice(0, 200)}' and not ${pattern}`),
    none: (what, complaints) =>
      check(what, complaints.length === 0, complaints.slice(0, SHOWN).join("; ")),
    say: (text) => console.log(text),
    passed: () => passed,
    failed: () => failed,
  };
}

/** The last question of each kind, and its answer. */
const asked = new Map<string, { readonly question: string; readonly answer: Promise<unknown> }>();

/**
 * Asks a question unless it is the same as the last of its kind, whose answer is then given again: a page that is drawn
 * anew before it is shown would ask everything twice, and end the first asking in the middle.
 */
export async function askOnce<T>(
  kind: string,
  question: object,
  ask: () => Promise<T>,
): Promise<T> {
  const text = JSON.stringify(question);
  const last = asked.get(kind);
  if (last?.question === text) return last.answer as Promise<T>;
  const answer = ask();
  asked.set(kind, { question: text, answer });
  // What failed is asked again.
  answer.catch(() => {
    if (asked.get(kind)?.answer === answer) asked.delete(kind);
  });
  return answer;
}

/** Forgets the last question of a kind, which was ended before it was answered. */
export function forgetAsked(kind: string): void {
  asked.delete(kind);
}

/** Spoken words, each beginning with its first sound. */
export type Voice = ReadonlyMap<string, AudioBuffer>;

/**
 * The words of a count-in. The recordings are in public/audio/count: espeak-ng 1.51, voice en-us, 330 words a minute,
 * cut to begin with the word.
 */
const WORDS = ["one", "two", "three", "four", "five", "six", "and"] as const;

let loaded: Promise<Voice> | null = null;

/** The voice that counts in; words that cannot be had are left out, and the clicks stand alone. */
export function countVoice(context: BaseAudioContext): Promise<Voice> {
  loaded ??= Promise.all(WORDS.map((word) => fetchWord(context, word))).then((found) => {
    const voice = new Map(found.flatMap((each) => (each ? [each] : [])));
    // What failed is asked for again the next time.
    if (voice.size < WORDS.length) loaded = null;
    return voice;
  });
  return loaded;
}

async function fetchWord(
  context: BaseAudioContext,
  word: string,
): Promise<readonly [string, AudioBuffer] | null> {
  try {
    const response = await fetch(`/audio/count/${word}.wav`);
    if (!response.ok) return null;
    return [word, await context.decodeAudioData(await response.arrayBuffer())];
  } catch {
    return null;
  }
}

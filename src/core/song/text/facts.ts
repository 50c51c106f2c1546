/** What a directive says of the song; its value's column counts from 0. */
export interface Fact {
  readonly name: string;
  readonly value: string;
  readonly column: number;
}

const SAID =
  /^(?:title|song|subtitle|artist|key|tempo|time|meter|capo|tuning|counts?|pickup|pick-up|texture)$/i;
/** "96 bpm", "♩. = 96 bpm", "Tempo 96", "BPM: 96". */
const SPEED =
  /^(?:(?:tempo\s*)?[♩♪]?\.?\s?[:=]?\s?(\d+(?:[.,]\d+)?)\s?bpm|(?:tempo|bpm)\s*[:=]?\s*(\d+(?:[.,]\d+)?))$/i;
/** No tempo is longer; what is longer is not looked at as one. */
const LONGEST_TEMPO = 80;
/** Several facts of a song take no more. */
const LONGEST_FACTS = 200;

/** Between what a line says of the song; a name with a colon begins another without any sign. */
const BETWEEN =
  /(\s*[,;|]\s*|\s{2,}|\s+(?=(?:title|artist|key|tempo|bpm|time|meter|capo|tuning)\s*[:=]))/i;

/** All that a line says of the song where it says nothing else; empty for another line. */
export function readFacts(text: string): readonly Fact[] {
  const whole = text.trim();
  if (whole.startsWith("{") && whole.endsWith("}")) return listOf(readBraces(text, whole));
  const pieces = text.length > LONGEST_FACTS ? [] : text.split(BETWEEN);
  const several: Fact[] = [];
  let start = 0;
  for (const [index, piece] of pieces.entries()) {
    const isSaid = index % 2 === 0 && piece.trim() !== "";
    const fact = isSaid ? (readFact(piece) ?? readBareMeter(piece)) : null;
    if (fact) several.push({ ...fact, column: start + fact.column });
    else if (isSaid) return listOf(readFact(text));
    start += piece.length;
  }
  return several.length > 1 ? several : listOf(readFact(text) ?? readBareMeter(text));
}

function listOf(fact: Fact | null): readonly Fact[] {
  return fact ? [fact] : [];
}

/** In braces a space is as good as a colon: {title My song}. */
function readBraces(text: string, whole: string): Fact | null {
  if (whole.length <= 2) return null;
  const inner = whole.slice(1, -1);
  const [, name = inner, value = ""] = /^\s*([^\s:]+)\s*(?::|\s)(.*)$/s.exec(inner) ?? [];
  return named(text, name, value);
}

function readFact(text: string): Fact | null {
  const whole = text.trim();
  const [, beforeUnit, afterWord] = whole.length > LONGEST_TEMPO ? [] : (SPEED.exec(whole) ?? []);
  const speed = beforeUnit ?? afterWord;
  if (speed !== undefined) return { name: "tempo", value: speed, column: text.indexOf(speed) };
  const [, name = "", value = ""] = /^([^:]*):(.*)$/s.exec(whole) ?? [];
  return SAID.test(name.trim()) ? named(text, name, value) : null;
}

function readBareMeter(text: string): Fact | null {
  const value = text.trim();
  return /^\d{1,2}\/\d{1,2}$/.test(value)
    ? { name: "time", value, column: text.indexOf(value) }
    : null;
}

function named(text: string, name: string, after: string): Fact {
  const value = after.trim();
  const column = value === "" ? text.length : text.lastIndexOf(value);
  return { name: name.trim().toLowerCase(), value, column };
}

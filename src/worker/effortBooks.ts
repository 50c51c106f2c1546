import { type Taste } from "@/core/grip";
import { makeEffortBook, type EffortBook } from "@/core/hand";
import { type Neck } from "@/core/neck";

/** The efforts of one neck and player, kept while the player tries weights and tunings. */
const books = new Map<string, EffortBook>();
const MAX_BOOKS = 6;

export function effortBook(neck: Neck, player: Taste): EffortBook {
  const { hand, school } = player;
  const key = JSON.stringify([{ ...neck, midi: neck.midi.length }, hand, school]);
  const book = books.get(key) ?? makeEffortBook(neck, player);
  books.delete(key);
  books.set(key, book);
  const [oldest] = books.keys();
  if (books.size > MAX_BOOKS && oldest !== undefined) books.delete(oldest);
  return book;
}

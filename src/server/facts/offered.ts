import { type GoodCopy } from "@/server/database";
import { type OfferedCopy } from "@/wire";

/** What a page is told of a copy; where it lies is the server's business. */
export function offered({ name, madeAt, guitars, pins, comparisons }: GoodCopy): OfferedCopy {
  return { name, madeAt, guitars, pins, comparisons };
}

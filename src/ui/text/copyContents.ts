import { type OfferedCopy } from "@/wire";

/** What is in a copy: "3 guitars, 1 pin, 2 comparisons". */
export function copyContents({ guitars, pins, comparisons }: OfferedCopy): string {
  return `${count(guitars, "guitar")}, ${count(pins, "pin")}, ${count(comparisons, "comparison")}`;
}

function count(number: number, what: string): string {
  return `${number} ${what}${number === 1 ? "" : "s"}`;
}

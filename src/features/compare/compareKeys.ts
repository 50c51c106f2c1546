import { type KeyTable } from "@/ui/controls";

export const COMPARE_KEYS = {
  hold: ["h"],
  weigh: ["w"],
  save: ["k"],
  search: ["s"],
} satisfies KeyTable;

import { object } from "yup";
import { toLimit } from "@/cli/arguments";
import { defineCommand } from "@/cli/command";
import { frettingText } from "@/cli/text";
import { DEFAULT_HAND, handReachMm } from "@/core/hand";
import { success } from "@/core/result";
import { search, searchArguments } from "./frettingSearch";

export const frettingsCommand = defineCommand({
  name: "frettings",
  summary: "every fretting of a voicing on a neck: --tuning standard --root C --voicing 0,7,12",
  schema: object(searchArguments).noUnknown(),
  run: (args) => {
    const found = search(args, toLimit(args) ?? { reachMm: handReachMm(DEFAULT_HAND) });
    if (!found.ok) return found;
    const { frettings } = found.value;
    return success({ count: frettings.length, frettings });
  },
  print: ({ count, frettings }) =>
    [...frettings.map(frettingText), `${count} frettings`].join("\n"),
});

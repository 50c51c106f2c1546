import { type Command } from "@/cli/command";
import { chartCommand } from "./chart";
import { compareCommand } from "./compare";
import { convertCommand } from "./convert";
import { backupCommand, exportCommand, restoreCommand } from "./everything";
import { fingersCommand } from "./fingers";
import { fingeringsCommand } from "./fingerings";
import { formCommand } from "./form";
import { frettingsCommand } from "./frettings";
import { nameCommand } from "./name";
import { positionsCommand } from "./positions";
import { retuneCommand } from "./retune";
import { routeCommand } from "./route";
import { searchCommand } from "./search";
import { translateCommand } from "./translate";
import { transposeCommand } from "./transpose";
import { tuningCommand } from "./tuning";
import { whyCommand } from "./why";

export const COMMANDS: readonly Command[] = [
  tuningCommand,
  retuneCommand,
  positionsCommand,
  frettingsCommand,
  fingersCommand,
  fingeringsCommand,
  nameCommand,
  whyCommand,
  translateCommand,
  compareCommand,
  searchCommand,
  routeCommand,
  chartCommand,
  transposeCommand,
  formCommand,
  convertCommand,
  exportCommand,
  backupCommand,
  restoreCommand,
];

export function findCommand(name: unknown): Command | undefined {
  return COMMANDS.find((command) => command.name === name);
}

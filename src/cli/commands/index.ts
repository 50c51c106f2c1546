import { type Command } from "../command";
import { fingersCommand } from "./fingers";
import { fingeringsCommand } from "./fingerings";
import { frettingsCommand } from "./frettings";
import { nameCommand } from "./name";
import { positionsCommand } from "./positions";
import { retuneCommand } from "./retune";
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
];

export function findCommand(name: unknown): Command | undefined {
  return COMMANDS.find((command) => command.name === name);
}

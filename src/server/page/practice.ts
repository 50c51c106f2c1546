import { askLog } from "@/server/jobs";
import { type LogView, type PracticeStart } from "@/wire";
import { type LogFilter } from "@/state";

const NOTHING: PracticeStart = { cards: [], standings: [], todayS: 0, weekS: 0 };

/** What the room of practice begins with; nothing where the data cannot be used, which the frame of the page says. */
export async function readPracticeStart(): Promise<PracticeStart> {
  try {
    // The server is on the player's own machine, in the player's own zone.
    const now = new Date();
    const zoneMin = 0 - now.getTimezoneOffset();
    return await askLog("readPractice", { atMs: now.getTime(), zoneMin });
  } catch (error) {
    console.error(error);
    return NOTHING;
  }
}

/** A part of the log; null where the data cannot be used. */
export async function readLogView(filter: LogFilter): Promise<LogView | null> {
  try {
    return await askLog("readLog", { filter, skip: 0 });
  } catch (error) {
    console.error(error);
    return null;
  }
}

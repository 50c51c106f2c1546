import { RoomTabs } from "@/ui/controls";
import { PRACTICE } from "./room";

/** What to do today, and the log. */
export function PracticeTabs() {
  return <RoomTabs label="Practice" tabs={PRACTICE.tabs} />;
}

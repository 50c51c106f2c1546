import { RoomTabs } from "@/ui/controls";
import { RIG } from "./room";

/** The parts of the rig. */
export function RigTabs() {
  return <RoomTabs label="Rig" tabs={RIG.tabs} />;
}

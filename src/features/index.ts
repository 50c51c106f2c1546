import { COMPARE } from "./compare";
import { NAME } from "./name";
import { NECK } from "./neck";
import { PRACTICE } from "./practice";
import { RIG } from "./rig";
import { SONG } from "./song";
import { type Room } from "./room";

/** Every room, in the order of the navigation. A new one is one line here. */
export const ROOMS: readonly Room[] = [NECK, NAME, COMPARE, SONG, PRACTICE, RIG];

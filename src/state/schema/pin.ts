import { object } from "yup";
import { fingers, fretting, id, leastNotes, root, sameLength, stack, tuningMidi } from "./fields";

export const pinSchema = object({
  guitarId: id,
  tuningMidi,
  root,
  stack,
  leastNotes,
  fretting,
  fingers,
})
  .noUnknown()
  .test(
    "strings",
    "tuning, fretting and fingers must have the same number of strings",
    ({ tuningMidi: midi, ...pin }) =>
      sameLength(midi, pin.fretting) && sameLength(pin.fretting, pin.fingers),
  );

import { object } from "yup";
import { fingers, fretting, id, minNotes, root, sameLength, voicing, tuningMidi } from "./fields";

export const pinSchema = object({
  guitarId: id,
  tuningMidi,
  root,
  voicing,
  minNotes,
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

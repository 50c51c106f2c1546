export {
  findGrips,
  findSetGrips,
  findVoicing,
  rankGrips,
  usualPoints,
  type Grip,
  type Taste,
} from "./grip";
export { MOST_PINS, pinTilt, type KeptGrip } from "./pinTilt";

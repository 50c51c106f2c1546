export {
  findGrips,
  findSetGrips,
  findVoicing,
  rankGrips,
  usualPoints,
  type Grip,
  type Taste,
} from "./grip";

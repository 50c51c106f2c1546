export { dropFavourite, FAVOURITES_ID, midiOfId } from "./dragIds";
export { Favourites } from "./Favourites";
export { KeepTuning } from "./KeepTuning";
export { OwnTunings } from "./OwnTunings";
export { SayTuning } from "./SayTuning";
export { TuningLibrary } from "./TuningLibrary";
export { callTuning, tuningLists } from "./tuningLists";
export { TuningNeck } from "./TuningNeck";
export { useSaying } from "./useSaying";

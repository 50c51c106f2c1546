export { makePlayhead, usePlace, usePlacePart, type Playhead } from "./playhead";
export { placeOfGrip } from "./playWords";
export { PlayingView } from "./PlayingView";
export { PLAY_SCALES, scaleAfter, TextSize } from "./TextSize";
export { type GripLook } from "./GripCards";

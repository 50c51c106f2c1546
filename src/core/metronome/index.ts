export {
  CLICK_ACCENTS,
  CLICK_FEELS,
  clicksOf,
  MAX_GAP_BARS,
  PER_BEAT,
  PLAIN_METRONOME,
  type Click,
  type ClickStrength,
  type Metronome,
} from "./metronome";

export { TunerScreen } from "./TunerScreen";
export { TUNER_KEYS } from "./tunerKeys";

export { IN_TUNE_CENTS, TunerDial } from "./TunerDial";
export { useTuner, type Tuner } from "./useTuner";

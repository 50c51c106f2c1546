export { captureMicrophone, captureSamples } from "./capture";
export { detectPitch, LONGEST_SOUND_S, type DetectedPitch } from "./detectPitch";
export { listen, SILENCE, type Listening, type Reading } from "./listener";
export { EXAMPLE_STRING, firstPartialHz, pluck, type PluckedString } from "./pluckedString";
export { playTone, stopTone } from "./tone";
export { MANNERS, type Manner } from "./manners";
export { audioContext } from "./context";
export { countVoice, type Voice } from "./countVoice";
export { CLICK_S, makeBand, type Band, type ScheduledSound, type Sounding } from "./band";

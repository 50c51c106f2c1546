export { captureMicrophone, captureSamples } from "./capture";
export { listen, SILENCE, type Listening, type Reading } from "./listener";
export { EXAMPLE_STRING, firstPartialHz, pluck, type PluckedString } from "./pluckedString";
export { playTone } from "./tone";
export { MANNERS, type Manner } from "./manners";
export { type Voice } from "./countVoice";
export { CLICK_S, makeBand } from "./band";

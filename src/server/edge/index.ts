export { answerFile } from "./answerFile";
export { answerPost, parseJson } from "./answerPost";
export { markUnreadable } from "./markUnreadable";
export { Refused } from "./refused";
export { validate } from "./validate";
export { answerBytes, readBytes } from "./answerBytes";
export { answerWritten } from "./answerWritten";

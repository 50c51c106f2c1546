export { answerFile } from "./answerFile";
export { answerPost, parseJson } from "./answerPost";
export { Refused } from "./refused";
export { validate } from "./validate";

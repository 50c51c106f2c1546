export { PlayedRunner } from "./PlayedRunner";
export { QuestionRunner } from "./QuestionRunner";
export { rightAnswerText, verdictText } from "./verdictWords";

export { problemsOf } from "./readings";

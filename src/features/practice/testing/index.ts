export { roundOf, START } from "./start";

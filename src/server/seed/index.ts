export { seedDemo } from "./seed";

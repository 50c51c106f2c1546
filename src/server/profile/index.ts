export { changeProfile, loadProfile } from "./repository";

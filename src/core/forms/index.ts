export { isFormOverBass } from "./formOverBass";
export { type FormLetter } from "./formTable";
export {
  powerChordFormOf,
  FORMS,
  formOf,
  hasFormOn,
  isOnUsualFrets,
  mayBeForm,
  soundNext,
  type Form,
  type FormNode,
} from "./formTree";

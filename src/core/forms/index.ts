export { isFormOverBass } from "./formOverBass";
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

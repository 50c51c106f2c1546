export { type FormLetter } from "./formTable";
export {
  FORMS,
  formOf,
  hasFormOn,
  isOnUsualFrets,
  mayBeForm,
  soundNext,
  type Form,
  type FormNode,
} from "./formTree";

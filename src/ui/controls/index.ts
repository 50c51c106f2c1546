export { AppDialog } from "./AppDialog";
export { ChoiceButton } from "./ChoiceButton";
export { SelectField } from "./SelectField";
export { TextField } from "./TextField";
export { useEvent } from "./useEvent";
export { useShortcuts, type Shortcuts } from "./useShortcuts";

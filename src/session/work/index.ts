export { askInSteps, type WorkOptions } from "./askInSteps";
export { saveFromServer } from "./saveFromServer";
export { sendFile, type SentFile } from "./sendFile";
export { useWork, type ShownWork } from "./useWork";

export { saveFromServer } from "./saveFromServer";
export { sendFile, type SentFile } from "./sendFile";
export { useWork } from "./useWork";

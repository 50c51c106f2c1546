export { makeFile } from "./makeFile";
export { keepReady, takeReady } from "./readyFiles";

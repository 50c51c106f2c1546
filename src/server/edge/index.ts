export { answer } from "./answer";
export { fileResponse } from "./fileResponse";
export { markUnreadable } from "./markUnreadable";
export { parseJson, readBytes, readJsonBody, readTextBody } from "./readBody";
export { wholeNumber } from "./query";
export { validate } from "./validate";
export { NotFound, Refused, WordedError } from "./wordedError";

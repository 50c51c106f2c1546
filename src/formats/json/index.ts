export { JSON_VERSION, readJson, songJson, tuningsJson, type FromJson } from "./songJson";

export { readJson, songJson, tuningsJson, type FromJson } from "./songJson";

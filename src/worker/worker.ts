import { expose } from "comlink";
import { computeApi } from "./api";

expose(computeApi);

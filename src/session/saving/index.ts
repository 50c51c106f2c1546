export { actsBeside } from "./keptBeside";
export { browserStore } from "./store";
export { overwritten, withOwn, type OwnFields } from "./overwritten";
export { AWAY } from "./outbox";
export { SavingProvider, useSavingNews } from "./SavingProvider";
export { useOutbox } from "./useOutbox";

export { overwritten, withOwn, type OwnFields } from "./overwritten";
export { AWAY } from "./outbox";
export { SavingProvider, useSavingNews, type SavingNews } from "./SavingProvider";
export { useOutbox } from "./useOutbox";

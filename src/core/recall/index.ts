export {
  CARD_FRETS,
  cardAt,
  cardId,
  learningOrder,
  readCardId,
  type CardPlace,
  type NoteCard,
} from "./cards";
export { KNOWING, knowingOf, type Knowing } from "./knowing";
export {
  memoryAfter,
  recallAt,
  RESULTS,
  type Memory,
  type Review,
  type RoundResult,
} from "./memory";
export { answered, makeQueue, nextCard, type CardQueue } from "./queue";

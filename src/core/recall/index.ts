export { CARD_FRETS, cardAt, cardId, learningOrder, readCardId, type NoteCard } from "./cards";
export { KNOWING, knowingOf, type Knowing } from "./knowing";
export { memoryAfter, type Memory, type Review } from "./memory";
export { answered, makeQueue, nextCard, type CardQueue } from "./queue";
export { cardsInStage, isInReach, NOTE_STAGES, noteStage, type NoteReach } from "./reach";
export { RESULTS, type RoundResult } from "./results";

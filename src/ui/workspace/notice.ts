/** A word to the player that goes away by itself, with a way back where there is one. */
export interface Notice {
  readonly text: string;
  readonly undo?: () => void;
}

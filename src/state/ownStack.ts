import { type Voicing } from "@/core/stack";
import { type Placed } from "./place";

/** A stack, or a voicing for free mode, that the player made. */
export interface OwnStackContent extends Voicing {
  readonly name: string;
}

export interface OwnStack extends OwnStackContent, Placed {
  readonly id: number;
}

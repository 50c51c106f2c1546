import { STANDARD } from "@/core/arrangement/testing";
import { newGuitar, type Guitar } from "@/state";

export const ASH: Guitar = { ...newGuitar(6, "Ash six"), id: 1, tunedMidi: STANDARD };

"use server";

import { ValidationError } from "yup";
import { failure, success, type Result } from "@/core/result";
import { database } from "./database";
import { addPin, listPins, removePin } from "./pins";
import { choiceSchema, pinIdSchema, pinSchema, validate } from "./schemas";
import { type Pin } from "./types";
import { saveChoice } from "./workspace";

/** Keeps a fingering and returns all pins. */
export async function pinFingering(input: unknown): Promise<Result<readonly Pin[]>> {
  return answer(() => {
    addPin(database(), validate(pinSchema, input));
    return listPins(database());
  });
}

/** Lets a pin go and returns those that are left; the page offers to put it back. */
export async function unpinFingering(input: unknown): Promise<Result<readonly Pin[]>> {
  return answer(() => {
    removePin(database(), validate(pinIdSchema, input));
    return listPins(database());
  });
}

/** Remembers where the player is. */
export async function rememberChoice(input: unknown): Promise<Result<null>> {
  return answer(() => {
    saveChoice(database(), validate(choiceSchema, input));
    return null;
  });
}

/** Refused input goes back as a problem; anything else that fails is told without its insides. */
function answer<T>(work: () => T): Result<T> {
  try {
    return success(work());
  } catch (error) {
    if (error instanceof ValidationError) return failure(error.path || "input", error.message);
    console.error(error);
    return failure("data", "That could not be saved. Your data folder may be full or read-only.");
  }
}

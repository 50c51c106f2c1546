"use server";

import { type Schema } from "yup";
import { type Result } from "@/core/result";
import { answer } from "./answer";
import { addComparison, deleteComparison, restoreComparison } from "./comparisons";
import { database } from "./database";
import { addGuitar, deleteGuitar, restoreGuitar, setTuned, updateGuitar } from "./guitars";
import { addPin, removePin } from "./pins";
import { loadProfile, saveProfile } from "./profile";
import { readRig } from "./rig";
import {
  favouritesSchema,
  guitarSchema,
  idSchema,
  idsSchema,
  ownStackSchema,
  ownTuningSchema,
  partSchema,
  pinSchema,
  profileSchema,
  renameSchema,
  savedComparisonSchema,
  tunedSchema,
  validate,
} from "./schemas";
import {
  addOwnStack,
  deleteOwnStack,
  orderOwnStacks,
  restoreOwnStack,
  updateOwnStack,
} from "./stacks";
import {
  addOwnTuning,
  deleteOwnTuning,
  renameOwnTuning,
  restoreOwnTuning,
  saveFavourites,
} from "./tunings";
import { type Rig } from "./types";

/** Every change to what the player owns answers with all of it as it is now. */
type RigAnswer = Promise<Result<Rig>>;

/** Keeps a fingering. */
export async function pinFingering(input: unknown): RigAnswer {
  return change(pinSchema, input, (pin) => addPin(database(), pin));
}

/** Lets a pin go; the page offers to put it back. */
export async function unpinFingering(input: unknown): RigAnswer {
  return change(idSchema, input, (id) => removePin(database(), id));
}

export async function createGuitar(input: unknown): RigAnswer {
  return change(guitarSchema, input, (guitar) => void addGuitar(database(), guitar));
}

export async function changeGuitar(id: unknown, input: unknown): RigAnswer {
  return change(guitarSchema, input, (guitar) =>
    updateGuitar(database(), validate(idSchema, id), guitar),
  );
}

/** Takes a guitar and its pins out of sight; `bringBackGuitar` undoes it. */
export async function removeGuitar(input: unknown): RigAnswer {
  return change(idSchema, input, (id) => deleteGuitar(database(), id));
}

export async function bringBackGuitar(input: unknown): RigAnswer {
  return change(idSchema, input, (id) => restoreGuitar(database(), id));
}

/** Notes what a guitar hangs in now: {id, midi}. */
export async function noteTuned(input: unknown): RigAnswer {
  return change(tunedSchema, input, ({ id, midi }) => setTuned(database(), id, midi));
}

export async function keepTuning(input: unknown): RigAnswer {
  return change(
    ownTuningSchema,
    input,
    ({ name, midi }) => void addOwnTuning(database(), name, midi),
  );
}

export async function renameTuning(input: unknown): RigAnswer {
  return change(renameSchema, input, ({ id, name }) => renameOwnTuning(database(), id, name));
}

/** Takes an own tuning out of sight; `bringBackTuning` undoes it. */
export async function removeTuning(input: unknown): RigAnswer {
  return change(idSchema, input, (id) => deleteOwnTuning(database(), id));
}

export async function bringBackTuning(input: unknown): RigAnswer {
  return change(idSchema, input, (id) => restoreOwnTuning(database(), id));
}

/** Puts a whole list of favourites, by their pitches, in place of the old one. */
export async function keepFavourites(input: unknown): RigAnswer {
  return change(favouritesSchema, input, (all) => saveFavourites(database(), all));
}

export async function keepStack(input: unknown): RigAnswer {
  return change(ownStackSchema, input, (stack) => void addOwnStack(database(), stack));
}

export async function changeStack(id: unknown, input: unknown): RigAnswer {
  return change(ownStackSchema, input, (stack) =>
    updateOwnStack(database(), validate(idSchema, id), stack),
  );
}

/** Takes an own stack out of sight; `bringBackStack` undoes it. */
export async function removeStack(input: unknown): RigAnswer {
  return change(idSchema, input, (id) => deleteOwnStack(database(), id));
}

export async function bringBackStack(input: unknown): RigAnswer {
  return change(idSchema, input, (id) => restoreOwnStack(database(), id));
}

/** Puts the own stacks in the order of their ids. */
export async function orderStacks(input: unknown): RigAnswer {
  return change(idsSchema, input, (ids) => orderOwnStacks(database(), ids));
}

export async function keepComparison(input: unknown): RigAnswer {
  return change(savedComparisonSchema, input, (saved) => void addComparison(database(), saved));
}

/** Takes a kept comparison out of sight; `bringBackComparison` undoes it. */
export async function removeComparison(input: unknown): RigAnswer {
  return change(idSchema, input, (id) => deleteComparison(database(), id));
}

export async function bringBackComparison(input: unknown): RigAnswer {
  return change(idSchema, input, (id) => restoreComparison(database(), id));
}

/** Changes parts of the player's profile; the others stay as they are. */
export async function keepProfile(input: unknown): RigAnswer {
  return change(partSchema, input, (part) => {
    const profile = { ...loadProfile(database()), ...part };
    saveProfile(database(), validate(profileSchema, profile));
  });
}

function change<T>(schema: Schema<T>, input: unknown, work: (value: T) => void): Result<Rig> {
  return answer(() => {
    work(validate(schema, input));
    return readRig(database());
  });
}

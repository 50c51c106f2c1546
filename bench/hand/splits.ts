import { type Case } from "./cases";

/** Two halves of the cases; a shape with all its moved copies is on one side only. */
export interface Halves {
  readonly fitted: readonly Case[];
  readonly heldOut: readonly Case[];
}

/** Every second shape in the order of their names: the split that the shipped weights come from. */
export function alternateShapes(cases: readonly Case[]): Halves {
  const shapes = shapesOf(cases);
  return halve(cases, new Set(shapes.filter((_, index) => index % 2 === 0)));
}

/** Half of the shapes, drawn at random from a seed. */
export function randomShapes(cases: readonly Case[], seed: number): Halves {
  const random = randomFrom(seed);
  return halve(cases, new Set(shapesOf(cases).filter(() => random() < 0.5)));
}

function shapesOf(cases: readonly Case[]): readonly string[] {
  return [...new Set(cases.map(({ shape }) => shape))].sort();
}

function halve(cases: readonly Case[], fittedShapes: ReadonlySet<string>): Halves {
  const fitted = cases.filter(({ shape }) => fittedShapes.has(shape));
  return { fitted, heldOut: cases.filter(({ shape }) => !fittedShapes.has(shape)) };
}

/** Park and Miller's generator (Comm. ACM 31(10), 1988): repeatable on every machine. */
function randomFrom(seed: number): () => number {
  let state = (seed * 7919) % 2147483647;
  return () => {
    state = (state * 48271) % 2147483647;
    return state / 2147483647;
  };
}

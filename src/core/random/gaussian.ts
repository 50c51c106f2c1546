/** A normally distributed number from evenly distributed ones, after Box and Muller. */
export function gaussian(random: () => number): number {
  return Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
}

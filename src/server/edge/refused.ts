/** Input that is refused, in words for the player. Whatever else is thrown is a fault of the program or the machine. */
export class Refused extends Error {
  constructor(
    /** The field that was wrong, by its public name. */
    readonly field: string,
    message: string,
  ) {
    super(message);
    this.name = "Refused";
  }
}

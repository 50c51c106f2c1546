const [BAD_REQUEST, NOT_FOUND, TOO_LARGE] = [400, 404, 413];

/** An error in words for the player. Whatever else is thrown is a fault of the program or the machine. */
export class WordedError extends Error {
  constructor(
    /** Of the response. */
    readonly status: number,
    /** The field that was wrong, by its public name. */
    readonly field: string,
    message: string,
    cause?: unknown,
  ) {
    super(message, cause === undefined ? undefined : { cause });
    this.name = new.target.name;
  }
}

/** Input that is refused. */
export class Refused extends WordedError {
  constructor(field: string, message: string) {
    super(BAD_REQUEST, field, message);
  }
}

export class NotFound extends WordedError {
  constructor(field: string, message: string) {
    super(NOT_FOUND, field, message);
  }
}

export class TooLarge extends WordedError {
  constructor(field: string, message: string) {
    super(TOO_LARGE, field, message);
  }
}

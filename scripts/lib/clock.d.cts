export function moveClock(realm: object, offMs: number): void;

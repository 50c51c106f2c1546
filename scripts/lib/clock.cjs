// Moves the clock of a process: node --require scripts/lib/clock.cjs, with TENON_CLOCK_MS in the environment.

/**
 * `new Date()` and `Date.now()` of a realm are off by so many ms from then on; dates that are given stay what they are.
 * A realm is moved once. Its text runs in pages too, so it stands by itself.
 */
function moveClock(realm, offMs) {
  const moved = Symbol.for("tenon.clock");
  if (realm[moved] || offMs === 0) return;
  const { Date: Real } = realm;
  realm.Date = new Proxy(Real, {
    construct: (target, parts, made) =>
      Reflect.construct(target, parts.length === 0 ? [Real.now() + offMs] : parts, made),
    apply: () => new Real(Real.now() + offMs).toString(),
    get: (target, key) => (key === "now" ? () => Real.now() + offMs : Reflect.get(target, key)),
  });
  realm[moved] = true;
}

moveClock(globalThis, Number(process.env.TENON_CLOCK_MS ?? 0));

module.exports = { moveClock };

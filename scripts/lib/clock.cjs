// Shifts the clock of a process by TENON_CLOCK_MS: node --require scripts/lib/clock.cjs.

/**
 * Shifts `new Date()` and `Date.now()` of a realm by offMs; dates built from a value are unaffected. Shifts a realm once
 * only. Refers to nothing outside itself, because its source text also runs in pages.
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

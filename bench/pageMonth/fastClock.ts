/** Where a page keeps the time that its clock was last set to. */
export const CLOCK_KEY = "bench clock";

export interface ClockSetting {
  /** The time shown at `realMs`, in ms since 1970. */
  readonly shownMs: number;
  readonly realMs: number;
}

/**
 * Makes all clocks of a page run `speed` times as fast: dates, timers, frames and the audio clock, so that a round of a
 * drill takes a fraction of a second. Refers to nothing outside itself, because its source text runs in the page.
 */
export function runClocksFast(speed: number, key: string): void {
  const Real = Date;
  const realNow = Real.now.bind(Real);
  const now = performance.now.bind(performance);
  const { setTimeout: later, setInterval: often, requestAnimationFrame: frame } = globalThis;
  const shownNow = () => {
    const text = localStorage.getItem(key);
    if (text === null) return realNow();
    const { shownMs, realMs } = JSON.parse(text) as { shownMs: number; realMs: number };
    return Math.round(shownMs + (realNow() - realMs) * speed);
  };
  globalThis.Date = new Proxy(Real, {
    construct: (target, parts, made) =>
      Reflect.construct(target, parts.length === 0 ? [shownNow()] : parts, made) as object,
    apply: () => new Real(shownNow()).toString(),
    get: (target, name) => (name === "now" ? shownNow : (Reflect.get(target, name) as unknown)),
  });
  performance.now = () => now() * speed;
  globalThis.setTimeout = ((work: TimerHandler, ms = 0, ...rest: unknown[]) =>
    later(work, ms / speed, ...rest)) as typeof setTimeout;
  globalThis.setInterval = ((work: TimerHandler, ms = 0, ...rest: unknown[]) =>
    often(work, ms / speed, ...rest)) as typeof setInterval;
  globalThis.requestAnimationFrame = (work) => frame((ms) => work(ms * speed));
  const audio = Object.getOwnPropertyDescriptor(BaseAudioContext.prototype, "currentTime")?.get;
  Object.defineProperty(BaseAudioContext.prototype, "currentTime", {
    get(this: BaseAudioContext) {
      return (audio?.call(this) as number) * speed;
    },
  });
}

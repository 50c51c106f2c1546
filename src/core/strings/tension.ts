/** A string as far as the player knows it; what is not known is null and never guessed. */
export interface StringSpec {
  readonly diameterMm: number | null;
  readonly wound: boolean;
  /** Mass per length in g/m. */
  readonly unitMassGPerM: number | null;
  /** Tension in N at the guitar's usual pitch of this string. */
  readonly tensionN: number | null;
}

export const UNKNOWN_STRING: StringSpec = {
  diameterMm: null,
  wound: false,
  unitMassGPerM: null,
  tensionN: null,
};

/** Density of plain steel string wire in kg/m3 (handbook value for carbon steel). */
const PLAIN_STEEL_DENSITY = 7850;

/** When a tuning deserves a warning; all from memory, and the player can change them. */
export interface TensionLimits {
  /** Slack below this share of the string's usual tension. */
  readonly slackShare: number;
  /** A plain string nears breaking above this share of its strength. */
  readonly stressShare: number;
  /** Tensile strength of plain steel string wire in MPa. */
  readonly strengthMpa: number;
  /** The pull on the neck changes much beyond this share of the usual total. */
  readonly totalShare: number;
}

export const DEFAULT_TENSION_LIMITS: TensionLimits = {
  slackShare: 0.75,
  stressShare: 0.8,
  strengthMpa: 2300,
  totalShare: 0.1,
};

/** Mass per length in g/m of a plain steel string: rho pi d^2 / 4. */
export function plainUnitMassGPerM(diameterMm: number): number {
  return (PLAIN_STEEL_DENSITY * Math.PI * diameterMm ** 2) / 4 / 1000;
}

/**
 * Tension in N after Mersenne's law, T = mu (2 L f)^2.
 *
 * @param unitMassGPerM mass per length in g/m
 * @param scaleMm sounding length in mm
 * @param hz frequency of the open string in Hz
 */
export function tensionN(unitMassGPerM: number, scaleMm: number, hz: number): number {
  return (unitMassGPerM / 1000) * waveSpeed(scaleMm, hz) ** 2;
}

/**
 * A string's mass per length in g/m: as given, else from its given tension at its usual pitch, else
 * from the diameter where it is plain steel; null where none of that is known.
 */
export function unitMassGPerM(string: StringSpec, scaleMm: number, usualHz: number): number | null {
  if (string.unitMassGPerM !== null) return string.unitMassGPerM;
  if (string.tensionN !== null) return (1000 * string.tensionN) / waveSpeed(scaleMm, usualHz) ** 2;
  if (string.diameterMm !== null && !string.wound) return plainUnitMassGPerM(string.diameterMm);
  return null;
}

/** Stress in MPa in a plain steel string, whatever its gauge: rho (2 L f)^2. */
export function plainStressMpa(scaleMm: number, hz: number): number {
  return (PLAIN_STEEL_DENSITY * waveSpeed(scaleMm, hz) ** 2) / 1e6;
}

/**
 * Tension after a string has been turned by some semitones, as a share of what it was.
 *
 * @example tensionShare(-2) // 0.794
 */
export function tensionShare(semitones: number): number {
  return 2 ** (semitones / 6);
}

/** The diameter in mm that pulls at `toHz` as `diameterMm` does at `fromHz`: gauge goes as 1/f. */
export function equalFeelDiameterMm(diameterMm: number, fromHz: number, toHz: number): number {
  return (diameterMm * fromHz) / toHz;
}

/** Speed of the wave on the string in m/s: 2 L f. */
function waveSpeed(scaleMm: number, hz: number): number {
  return 2 * (scaleMm / 1000) * hz;
}

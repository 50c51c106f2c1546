import { failure, success, type Result } from "@/core/result";

/** International inch, exact. */
export const MM_PER_INCH = 25.4;

/** Newton in a kilogram-force and in a pound-force (both exact by definition of standard gravity). */
const N_PER_KGF = 9.80665;
const N_PER_LBF = 4.4482216152605;

/** Grams per metre in a pound per inch: 453.59237 g over 0.0254 m. */
const G_PER_M_PER_LB_PER_IN = 453.59237 / 0.0254;

/** Below this, a scale length without a unit is in inches; above, in mm. */
const LARGEST_SCALE_INCHES = 60;
/** The same for the width of a neck. */
const LARGEST_WIDTH_INCHES = 8;

/** Without a unit: gauges below this are inches (.010), from `THOUSANDTHS_FROM` thousandths (10). */
const LARGEST_GAUGE_INCHES = 0.15;
const THOUSANDTHS_FROM = 5;

const SIGNIFICANT_DIGITS = 12;

const QUANTITY = /^([\d.,]+)\s*(.*)$/;

/** A factor to the unit of the answer for each way a player writes a unit; "" where none is written. */
type Factors = Readonly<Record<string, number | ((amount: number) => number)>>;

const INCH = { in: MM_PER_INCH, inch: MM_PER_INCH, inches: MM_PER_INCH, '"': MM_PER_INCH };

/** Reads a scale length in mm: "648", "648 mm", "25.5 in", '25.5"', "64.8 cm", "25.5". */
export function readScaleMm(text: string, field: string): Result<number> {
  return read(text, field, "a length, like 648 mm or 25.5 in", lengths(LARGEST_SCALE_INCHES));
}

/** Reads a width of the neck in mm: "43 mm", "1.69 in", "43", "1.69". */
export function readWidthMm(text: string, field: string): Result<number> {
  return read(text, field, "a width, like 43 mm or 1.69 in", lengths(LARGEST_WIDTH_INCHES));
}

/** Without a unit, amounts below `largestInches` are inches. */
function lengths(largestInches: number): Factors {
  const bare = (amount: number) => (amount < largestInches ? MM_PER_INCH : 1);
  return { ...INCH, mm: 1, cm: 10, "": bare };
}

/** Reads a string's diameter in mm: ".010", "10", "0.254 mm", "0.010 in". */
export function readGaugeMm(text: string, field: string): Result<number> {
  return read(text, field, "a gauge, like .010 or 0.25 mm", {
    ...INCH,
    mm: 1,
    "": (amount) =>
      amount < LARGEST_GAUGE_INCHES
        ? MM_PER_INCH
        : amount >= THOUSANDTHS_FROM
          ? MM_PER_INCH / 1000
          : 1,
  });
}

/** Reads a tension in newtons: "72.6 N", "7.4 kg", "16.3 lb"; a bare number is newtons. */
export function readTensionN(text: string, field: string): Result<number> {
  const pounds = { lb: N_PER_LBF, lbs: N_PER_LBF, lbf: N_PER_LBF };
  return read(text, field, "a tension, like 72 N, 7.4 kg or 16.2 lb", {
    ...pounds,
    n: 1,
    kg: N_PER_KGF,
    kgf: N_PER_KGF,
    kp: N_PER_KGF,
    "": 1,
  });
}

/** Reads a unit weight in grams per metre: "0.4 g/m", "0.0000223 lb/in"; a bare number is g/m. */
export function readUnitMassGPerM(text: string, field: string): Result<number> {
  return read(text, field, "a unit weight, like 0.4 g/m or 0.0000223 lb/in", {
    "g/m": 1,
    "lb/in": G_PER_M_PER_LB_PER_IN,
    "lbs/in": G_PER_M_PER_LB_PER_IN,
    "": 1,
  });
}

function read(text: string, field: string, wanted: string, factors: Factors): Result<number> {
  const match = QUANTITY.exec(text.trim().toLowerCase());
  const amount = Number(match?.[1]?.replace(",", "."));
  const factor = factors[match?.[2] ?? "?"];
  if (!Number.isFinite(amount) || amount <= 0 || factor === undefined) {
    return failure(field, `'${text.trim().slice(0, 30)}': write ${wanted}`);
  }
  const value = amount * (typeof factor === "number" ? factor : factor(amount));
  // 25.5 in is 647.7 mm and not a hair less.
  return success(Number(value.toPrecision(SIGNIFICANT_DIGITS)));
}

import {
  MM_PER_INCH,
  readGaugeMm,
  readScaleMm,
  readTensionN,
  readUnitMassGPerM,
  readWidthMm,
} from "@/core/measure";
import { makeNeck, MAX_FRETS, MIN_GUITAR_FRETS } from "@/core/neck";
import { failure, success, type Result } from "@/core/result";
import { type StringSpec } from "@/core/strings";
import { MAX_STRINGS, MIN_STRINGS, nameTuning, readTuning, type Tuning } from "@/core/tuning";
import { type Bridge, type GuitarContent } from "@/state";

/** A guitar as typed into the form, in whatever unit. */
export interface GuitarForm {
  name: string;
  strings: string;
  frets: string;
  scale: string;
  isFanned: boolean;
  trebleScale: string;
  perpendicularFret: string;
  nut: string;
  bridgeWidth: string;
  capo: string;
  leftHanded: boolean;
  bridge: Bridge;
  usual: string;
  /** Thickest first. */
  perString: StringForm[];
}

interface StringForm {
  gauge: string;
  wound: boolean;
  unitMass: string;
  tension: string;
}

const EMPTY_STRING: StringForm = { gauge: "", wound: false, unitMass: "", tension: "" };

export const readFrets = wholeNumber(MIN_GUITAR_FRETS, MAX_FRETS);
export const readFret = wholeNumber(0, MAX_FRETS);

export function toForm(guitar: GuitarContent): GuitarForm {
  return {
    name: guitar.name,
    strings: String(guitar.usualMidi.length),
    frets: String(guitar.frets),
    scale: mm(guitar.scaleMm),
    isFanned: guitar.scaleMm !== guitar.trebleScaleMm,
    trebleScale: mm(guitar.trebleScaleMm),
    perpendicularFret: String(guitar.perpendicularFret),
    nut: mm(guitar.nutMm),
    bridgeWidth: mm(guitar.bridgeMm),
    capo: String(guitar.capo),
    leftHanded: guitar.leftHanded,
    bridge: guitar.bridge,
    usual: nameTuning(guitar.usualMidi).name,
    perString: guitar.strings.map(stringToForm),
  };
}

/** What the form says, or its first invalid field. */
export function readForm(form: GuitarForm): Result<GuitarContent> {
  const count = readCount(form.strings);
  if (!count.ok) return count;
  const usual = readUsual(form.usual, count.value);
  if (!usual.ok) return usual;
  const scale = readScaleMm(form.scale, "scale");
  const treble = form.isFanned ? readScaleMm(form.trebleScale, "trebleScale") : scale;
  const nut = readWidthMm(form.nut, "nut");
  const bridgeWidth = readWidthMm(form.bridgeWidth, "bridgeWidth");
  const frets = readFrets(form.frets, "frets");
  const square = readFret(form.perpendicularFret, "perpendicularFret");
  const capo = readFret(form.capo, "capo");
  for (const number of [scale, treble, nut, bridgeWidth, frets, square, capo]) {
    if (!number.ok) return number;
  }
  const strings = form.perString.map(readString);
  for (const string of strings) if (!string.ok) return string;
  const guitar: GuitarContent = {
    name: form.name.trim(),
    usualMidi: usual.value.midi,
    frets: valueOf(frets),
    scaleMm: valueOf(scale),
    trebleScaleMm: valueOf(treble),
    perpendicularFret: valueOf(square),
    nutMm: valueOf(nut),
    bridgeMm: valueOf(bridgeWidth),
    capo: valueOf(capo),
    leftHanded: form.leftHanded,
    bridge: form.bridge,
    strings: strings.flatMap((string) => (string.ok ? [string.value] : [])),
  };
  const neck = makeNeck({ ...guitar, midi: guitar.usualMidi });
  if (neck.ok) return success(guitar);
  const { field, message } = neck.problem;
  return failure(FORM_FIELDS[field] ?? field, message);
}

/** The form's own names for the core's fields. */
const FORM_FIELDS: Readonly<Record<string, keyof GuitarForm>> = {
  tuning: "usual",
  scaleMm: "scale",
  trebleScaleMm: "trebleScale",
  nutMm: "nut",
  bridgeMm: "bridgeWidth",
};

/**
 * The same form with another number of strings: in their usual tuning, as far apart as before, with
 * nothing known of the new ones.
 */
export function withStrings(form: GuitarForm, strings: string): GuitarForm {
  const count = readCount(strings);
  if (!count.ok || count.value === form.perString.length) return { ...form, strings };
  const usual = readTuning("standard", { strings: count.value });
  const wider = (count.value - 1) / (form.perString.length - 1);
  return {
    ...form,
    strings,
    nut: scaled(form.nut, wider),
    bridgeWidth: scaled(form.bridgeWidth, wider),
    usual: usual.ok ? usual.value.tuning.name : form.usual,
    // Strings are added and taken at the thick side, where guitars grow.
    perString: Array.from(
      { length: count.value },
      (_, string) => form.perString[string - count.value + form.perString.length] ?? EMPTY_STRING,
    ),
  };
}

/** A width times a factor; what cannot be read stays as it was typed. */
function scaled(text: string, factor: number): string {
  const width = readWidthMm(text, "width");
  return width.ok ? mm(width.value * factor) : text;
}

export function readCount(text: string): Result<number> {
  const count = Number(text);
  return Number.isInteger(count) && count >= MIN_STRINGS && count <= MAX_STRINGS && text.trim()
    ? success(count)
    : failure(
        "strings",
        `${text.trim() || "no"} strings; a guitar has ${MIN_STRINGS} to ${MAX_STRINGS}`,
      );
}

export function readUsual(text: string, strings: number): Result<Tuning> {
  const read = readTuning(text, { strings });
  return read.ok ? success(read.value.tuning) : failure("usual", read.problem.message);
}

function readString(form: StringForm, index: number): Result<StringSpec> {
  const at = (part: string) => `perString.${index}.${part}`;
  const gauge = optional(readGaugeMm)(form.gauge, at("gauge"));
  const unitMass = optional(readUnitMassGPerM)(form.unitMass, at("unitMass"));
  const tension = optional(readTensionN)(form.tension, at("tension"));
  if (!gauge.ok) return gauge;
  if (!unitMass.ok) return unitMass;
  if (!tension.ok) return tension;
  return success({
    diameterMm: gauge.value,
    wound: form.wound,
    unitMassGPerM: unitMass.value,
    tensionN: tension.value,
  });
}

export type Reader<T> = (text: string, field: string) => Result<T>;

export function optional<T>(read: Reader<T>): Reader<T | null> {
  return (text, field) => (text.trim() === "" ? success(null) : read(text, field));
}

function wholeNumber(low: number, high: number): Reader<number> {
  return (text, field) => {
    const value = Number(text);
    return text.trim() !== "" && Number.isInteger(value) && value >= low && value <= high
      ? success(value)
      : failure(field, `'${text.trim()}': write a whole number from ${low} to ${high}`);
  };
}

function valueOf(number: Result<number>): number {
  return number.ok ? number.value : NaN;
}

function stringToForm({ diameterMm, wound, unitMassGPerM, tensionN }: StringSpec): StringForm {
  return {
    gauge: diameterMm === null ? "" : gaugeText(diameterMm),
    wound,
    unitMass: unitMassGPerM === null ? "" : `${round(unitMassGPerM, 4)} g/m`,
    tension: tensionN === null ? "" : `${round(tensionN, 1)} N`,
  };
}

/** A gauge as it was most likely said: whole or half thousandths of an inch, else mm. */
function gaugeText(diameterMm: number): string {
  const halfThousandths = (diameterMm / MM_PER_INCH) * 2000;
  const isInches = Math.abs(halfThousandths - Math.round(halfThousandths)) < 1e-6;
  if (!isInches) return `${round(diameterMm, 4)} mm`;
  const inches = (Math.round(halfThousandths) / 2000).toFixed(4).replace(/0$/, "");
  return inches.replace(/^0/, "");
}

function mm(length: number): string {
  return `${round(length, 3)} mm`;
}

function round(value: number, digits: number): number {
  return Number(value.toFixed(digits));
}

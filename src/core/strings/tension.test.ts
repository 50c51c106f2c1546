import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { frequencyHz } from "@/core/pitch";
import { adviseGauges } from "./gaugeAdvice";
import {
  plainStressMpa,
  plainUnitMassGPerM,
  tensionN,
  tensionShare,
  unitMassGPerM,
  UNKNOWN_STRING,
} from "./tension";

const E4_HZ = frequencyHz(64);

describe("tension after Mersenne's law", () => {
  // Worked example: plain steel of 0.254 mm at E4 on 648 mm pulls 72.6 N.
  test("a .010 at E4", () => {
    expect(tensionN(plainUnitMassGPerM(0.254), 648, E4_HZ)).toBeCloseTo(72.6, 1);
  });

  // Common check: a semitone is the factor 2^(1/6) = 1.1225, a whole step down leaves 79.4 %.
  test("shares by semitones", () => {
    expect(tensionShare(1)).toBeCloseTo(1.1225, 4);
    expect(tensionShare(-2)).toBeCloseTo(0.794, 3);
  });

  test("the share is the law's own ratio, for any string", () => {
    const mass = fc.double({ min: 0.2, max: 20, noNaN: true });
    fc.assert(
      fc.property(
        mass,
        fc.integer({ min: 20, max: 70 }),
        fc.integer({ min: -12, max: 12 }),
        (m, midi, by) => {
          const ratio =
            tensionN(m, 648, frequencyHz(midi + by)) / tensionN(m, 648, frequencyHz(midi));
          expect(ratio).toBeCloseTo(tensionShare(by), 9);
        },
      ),
    );
  });

  test("the limit of a plain string does not know its gauge", () => {
    // Published check values: on 648 mm, F#4 at 78 % and G4 at 88 % of 2,300 MPa.
    expect(plainStressMpa(648, frequencyHz(66)) / 2300).toBeCloseTo(0.78, 2);
    expect(plainStressMpa(648, frequencyHz(67)) / 2300).toBeCloseTo(0.88, 2);
    // Stress is tension over cross-section, whatever the diameter.
    for (const mm of [0.2, 0.254, 0.5]) {
      const area = (Math.PI * mm ** 2) / 4;
      const stress = tensionN(plainUnitMassGPerM(mm), 648, E4_HZ) / area;
      expect(stress).toBeCloseTo(plainStressMpa(648, E4_HZ), 6);
    }
  });
});

describe("what is known of a string", () => {
  test("its own unit weight comes first, then its tension, then plain steel by diameter", () => {
    const all = { diameterMm: 0.254, wound: false, unitMassGPerM: 0.5, tensionN: 80 };
    expect(unitMassGPerM(all, 648, E4_HZ)).toBe(0.5);
    const told = unitMassGPerM({ ...all, unitMassGPerM: null }, 648, E4_HZ) ?? NaN;
    expect(tensionN(told, 648, E4_HZ)).toBeCloseTo(80, 9);
    const plain = { ...UNKNOWN_STRING, diameterMm: 0.254 };
    expect(unitMassGPerM(plain, 648, E4_HZ)).toBe(plainUnitMassGPerM(0.254));
  });

  test("a wound string's diameter tells nothing, and an unknown string nothing at all", () => {
    const wound = { ...UNKNOWN_STRING, diameterMm: 1.2, wound: true };
    expect(unitMassGPerM(wound, 648, 82.4)).toBeNull();
    expect(unitMassGPerM(UNKNOWN_STRING, 648, 82.4)).toBeNull();
  });
});

describe("gauges for equal feel", () => {
  const guitar = {
    usualMidi: [40, 45, 50, 55, 59, 64],
    scalesMm: Array<number>(6).fill(648),
    frets: 22,
    strings: [
      { ...UNKNOWN_STRING, diameterMm: 1.17, wound: true },
      ...Array<typeof UNKNOWN_STRING>(4).fill(UNKNOWN_STRING),
      { ...UNKNOWN_STRING, diameterMm: 0.254 },
    ],
  };

  test("the advised plain string pulls just as the old one did", () => {
    const advice = adviseGauges(guitar, [38, 43, 48, 53, 57, 62]);
    const thin = advice[5]?.diameter;
    expect(tensionN(plainUnitMassGPerM(thin?.equalFeelMm ?? 0), 648, frequencyHz(62))).toBeCloseTo(
      tensionN(plainUnitMassGPerM(0.254), 648, E4_HZ),
      9,
    );
  });

  test("a wound string is advised by its unit weight; an unknown one by shares only", () => {
    const [thick, unknown] = adviseGauges(guitar, [38, 43, 50, 55, 59, 64]);
    expect(thick).toMatchObject({ wound: true });
    expect(thick?.unitMassShare).toBeCloseTo(2 ** (1 / 3), 9);
    expect(unknown?.diameter).toBeNull();
    expect(unknown?.diameterShare).toBeCloseTo(2 ** (1 / 6), 9);
  });

  test("a string that stays wants no other", () => {
    expect(adviseGauges(guitar, guitar.usualMidi).every((each) => each.diameterShare === 1)).toBe(
      true,
    );
  });
});

import { array, boolean, object, string, type ObjectSchema, type TestFunction } from "yup";
import {
  readGaugeMm,
  readScaleMm,
  readTensionN,
  readUnitMassGPerM,
  readWidthMm,
} from "@/core/measure";
import { success } from "@/core/result";
import { BRIDGES, type Bridge } from "@/state";
import {
  optional,
  readCount,
  readForm,
  readFret,
  readFrets,
  readUsual,
  type GuitarForm,
  type Reader,
} from "./guitarForm";

/** Checks every field, so that each reason stands beside its own. */
export const guitarFormSchema: ObjectSchema<GuitarForm> = object({
  name: string().defined().trim().required("Give it a name.").max(60, "At most 60 letters."),
  strings: string().defined().test(reads(readCount)),
  frets: string().defined().test(reads(readFrets)),
  scale: string().defined().test(reads(readScaleMm)),
  isFanned: boolean().defined(),
  trebleScale: string()
    .defined()
    .when("isFanned", { is: true, then: (schema) => schema.test(reads(readScaleMm)) }),
  perpendicularFret: string().defined().test(reads(readFret)),
  nut: string().defined().test(reads(readWidthMm)),
  bridgeWidth: string().defined().test(reads(readWidthMm)),
  capo: string().defined().test(reads(readFret)),
  leftHanded: boolean().defined(),
  bridge: string<Bridge>().oneOf(BRIDGES).defined(),
  usual: string()
    .defined()
    .test("usual", (text, context) => {
      const count = readCount((context.parent as GuitarForm).strings);
      const read = count.ok ? readUsual(text, count.value) : success(null);
      return read.ok || context.createError({ message: read.problem.message });
    }),
  perString: array(
    object({
      gauge: string()
        .defined()
        .test(reads(optional(readGaugeMm))),
      wound: boolean().defined(),
      unitMass: string()
        .defined()
        .test(reads(optional(readUnitMassGPerM))),
      tension: string()
        .defined()
        .test(reads(optional(readTensionN))),
    }),
  ).defined(),
}).test("neck", (form, context) => {
  const read = readForm(form);
  if (read.ok) return true;
  const { field, message } = read.problem;
  return context.createError({ path: field, message });
});

/** A Yup test that tells the reader's own reason. */
function reads(read: Reader<unknown>): TestFunction<string | undefined> {
  return (text, context) => {
    const result = read(text ?? "", context.path);
    return result.ok || context.createError({ message: result.problem.message });
  };
}

import { array, mixed, number, object, string } from "yup";
import { type Finger } from "@/core/hand";
import {
  comparePages,
  neckPages,
  pdfOf,
  type ComparePicture,
  type NeckPicture,
} from "@/formats/sheet";
import { PAPERS, type Paper } from "@/formats/paper";
import { MAX_STRINGS } from "@/core/tuning";
import { readFonts } from "./fonts";

const [MAX_MARKS, MAX_GRIPS, MAX_COLUMNS, MAX_CHORDS] = [400, 60, 6, 64];
const text = string().max(200).defined();
const index = number()
  .integer()
  .min(0)
  .max(MAX_STRINGS - 1)
  .required();
const fret = number().integer().min(0).max(36);
const grip = object({
  name: text,
  note: text,
  fretting: array(fret.nullable().defined()).min(1).max(MAX_STRINGS).required(),
  fingers: array(mixed<Finger | 0>().oneOf([0, 1, 2, 3, 4, "T"]).required())
    .max(MAX_STRINGS)
    .nullable()
    .defined(),
  roots: array(index).max(MAX_STRINGS).required(),
}).noUnknown();
const neck = object({
  title: text,
  subtitle: text,
  strings: number().integer().min(1).max(MAX_STRINGS).required(),
  frets: number().integer().min(1).max(36).required(),
  marks: array(
    object({
      string: index,
      fret: fret.required(),
      label: string().max(8).defined(),
      isRoot: mixed<boolean>().oneOf([true, false]).required(),
    }).noUnknown(),
  )
    .max(MAX_MARKS)
    .required(),
  grips: array(grip).max(MAX_GRIPS).required(),
}).noUnknown();
const compare = object({
  title: text,
  chords: array(text).max(MAX_CHORDS).required(),
  columns: array(
    object({
      name: text,
      facts: array(text).max(8).required(),
      grips: array(grip.nullable().defined()).max(MAX_CHORDS).required(),
    }).noUnknown(),
  )
    .max(MAX_COLUMNS)
    .required(),
}).noUnknown();

const PICTURES = { neck, compare };
type PictureKind = keyof typeof PICTURES;

/** What a page asks to be drawn on paper: its neck with grips, or its comparison. */
export const pictureSchema = object({
  kind: mixed<PictureKind>().oneOf(["neck", "compare"]).required(),
  paper: string().oneOf(PAPERS).required(),
  picture: mixed().when("kind", ([kind]) => PICTURES[kind as PictureKind] ?? mixed().required()),
}).noUnknown();

interface PictureRequest {
  readonly kind: PictureKind;
  readonly paper: Paper;
  readonly picture?: unknown;
}

/** A PDF of what a page shows. */
export function writePicture({ kind, paper, picture }: PictureRequest): Uint8Array {
  // The schema holds a picture to its kind.
  const pages =
    kind === "compare"
      ? comparePages(picture as ComparePicture, paper)
      : neckPages(picture as NeckPicture, paper);
  return pdfOf(pages, (picture as { readonly title: string }).title, readFonts());
}

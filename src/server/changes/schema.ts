import { array, lazy, mixed, number, object, string } from "yup";
import { type Act } from "@/wire";

const KINDS = [
  "guitar",
  "pin",
  "tuning",
  "voicing",
  "favourite",
  "comparison",
  "song",
  "round",
  "journal",
] as const;
const SINGLE_KINDS = ["profile", "choice"] as const;

/** Changes sent at once; a page that was away for long sends them in several parts. */
const MAX_CHANGES = 200;

const KEY = /^[\w-]{8,64}$/;
const keyWords = ({ path }: { readonly path: string }) =>
  `${path} must be 8 to 64 letters, digits or dashes`;
const key = string().required().matches(KEY, keyWords);
const id = number().integer().positive().max(Number.MAX_SAFE_INTEGER).required();
const content = mixed()
  .required()
  .test("object", ({ path }) => `${path} must be an object`, isObject);

const listed = { key, id, kind: string().oneOf(KINDS).required() };
const any = {
  key,
  id,
  kind: string()
    .oneOf([...KINDS, ...SINGLE_KINDS])
    .required(),
};

const BY_ACT = {
  add: object({ ...listed, act: string().required(), value: content }).noUnknown(),
  set: object({
    ...any,
    act: string().required(),
    fields: content,
    basedOn: number().integer().min(0),
    after: string().matches(KEY, keyWords),
    was: mixed().test(
      "object",
      ({ path }) => `${path} must be an object`,
      (sent) => sent === undefined || isObject(sent),
    ),
  }).noUnknown(),
  delete: object({ ...listed, act: string().required() }).noUnknown(),
  restore: object({ ...listed, act: string().required() }).noUnknown(),
} as const satisfies Record<Act["act"], unknown>;

/** The frame of a change; what it holds is checked by the kind's own schema. */
const change = lazy((sent: unknown) => {
  const act = isObject(sent) && "act" in sent ? String(sent.act) : "";
  return isAct(act)
    ? BY_ACT[act]
    : object({ act: string().oneOf(["add", "set", "delete", "restore"]).required() });
});

const requestSchema = object({
  identity: string().required().max(64),
  since: number().integer().min(0).required(),
  changes: array(change).max(MAX_CHANGES).required(),
}).noUnknown();

function isAct(text: string): text is Act["act"] {
  return Object.hasOwn(BY_ACT, text);
}

function isObject(value: unknown): value is object {
  return typeof value === "object" && value !== null && !Array.isArray(value);
}

export { requestSchema };

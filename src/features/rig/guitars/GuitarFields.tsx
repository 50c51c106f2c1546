import { useEffect, type ReactNode } from "react";
import { yupResolver } from "@hookform/resolvers/yup";
import { useForm, useWatch } from "react-hook-form";
import { MM_PER_INCH, readScaleMm, readWidthMm } from "@/core/measure";
import { readTuning } from "@/core/tuning";
import { type Bridge, type GuitarContent } from "@/state";
import { TextField } from "@/ui/controls";
import { readForm, withStrings, type GuitarForm } from "./guitarForm";
import { guitarFormSchema } from "./guitarFormSchema";
import { StringsTable } from "./StringsTable";

interface GuitarFieldsProps {
  /** What the form starts from: the guitar as saved, or what was typed before. */
  readonly start: GuitarForm;
  readonly isNew: boolean;
  /** Called at each change with what was typed, and the guitar it describes where it is valid. */
  readonly onDraft: (form: GuitarForm, guitar: GuitarContent | null) => void;
  readonly onSave: (guitar: GuitarContent) => void;
  readonly onDiscard: () => void;
}

const BRIDGE_NAMES: Readonly<Record<Bridge, string>> = {
  fixed: "Fixed",
  floating: "Floating",
  locking: "Floating, locking nut",
};

/** Everything about a guitar, in whatever units the player has. */
export function GuitarFields({ start, isNew, onDraft, onSave, onDiscard }: GuitarFieldsProps) {
  const { register, handleSubmit, control, reset, getValues, formState } = useForm<GuitarForm>({
    defaultValues: start,
    resolver: yupResolver(guitarFormSchema),
    mode: "onChange",
  });
  const { errors } = formState;
  const form = useWatch({ control }) as GuitarForm;
  const read = readForm(form);

  useEffect(() => {
    const made = readForm(form);
    onDraft(form, made.ok ? made.value : null);
  }, [form, onDraft]);

  const usual = readTuning(form.usual, { strings: form.perString.length });
  const submit = handleSubmit((values) => {
    const guitar = readForm(values);
    if (guitar.ok) onSave(guitar.value);
  });
  const text = (name: TextName) => ({ ...register(name), problem: errors[name]?.message });
  return (
    <form onSubmit={(event) => void submit(event)} noValidate className="space-y-5">
      <Row title="Guitar">
        <TextField label="Name" {...text("name")} className="w-48" />
        <TextField
          label="Strings"
          inputMode="numeric"
          {...text("strings")}
          {...register("strings", {
            onChange: ({ target }: { target: HTMLInputElement }) => {
              const now = getValues();
              const next = withStrings(now, target.value);
              if (next.perString.length !== now.perString.length) {
                reset(next, { keepDefaultValues: true });
              }
            },
          })}
          className="w-20"
        />
        <TextField label="Frets" inputMode="numeric" {...text("frets")} className="w-20" />
        <TextField label="Capo at fret" inputMode="numeric" {...text("capo")} className="w-26" />
        <TextField
          label="Usual tuning"
          {...text("usual")}
          hint={usual.ok ? usual.value.tuning.name : undefined}
          className="w-44"
        />
      </Row>
      <Row title="Neck">
        <TextField
          label={form.isFanned ? "Scale, bass side" : "Scale length"}
          {...text("scale")}
          hint={otherUnit(form.scale, readScaleMm)}
          className="w-40"
        />
        {form.isFanned && (
          <>
            <TextField
              label="Scale, treble side"
              {...text("trebleScale")}
              hint={otherUnit(form.trebleScale, readScaleMm)}
              className="w-40"
            />
            <TextField
              label="Square at fret"
              inputMode="numeric"
              {...text("perpendicularFret")}
              className="w-28"
            />
          </>
        )}
        <TextField
          label="Outer strings at nut"
          {...text("nut")}
          hint={otherUnit(form.nut, readWidthMm)}
          className="w-40"
        />
        <TextField
          label="Outer strings at bridge"
          {...text("bridgeWidth")}
          hint={otherUnit(form.bridgeWidth, readWidthMm)}
          className="w-44"
        />
      </Row>
      <div className="flex flex-wrap gap-x-6 gap-y-2">
        <Tick label="Fanned frets">{<input type="checkbox" {...register("isFanned")} />}</Tick>
        <Tick label="Left-handed">{<input type="checkbox" {...register("leftHanded")} />}</Tick>
        <div className="flex items-center gap-2">
          <label htmlFor="bridge" className="text-muted">
            Bridge
          </label>
          <select id="bridge" className="field" {...register("bridge")}>
            {Object.entries(BRIDGE_NAMES).map(([value, name]) => (
              <option key={value} value={value}>
                {name}
              </option>
            ))}
          </select>
        </div>
      </div>
      <Row title="Strings, as far as you know them">
        <StringsTable
          strings={form.perString.length}
          usual={usual.ok ? usual.value.tuning : null}
          register={register}
          errors={errors}
        />
      </Row>
      <div className="flex flex-wrap items-center gap-2">
        <button type="submit" className="button button-primary text-lg">
          {isNew ? "Add this guitar" : "Save"}
        </button>
        <button type="button" className="button" onClick={onDiscard}>
          {isNew ? "Discard" : "Undo changes"}
        </button>
        {!read.ok && <p className="text-muted">The neck above shows the last valid values.</p>}
      </div>
    </form>
  );
}

type TextName = Exclude<keyof GuitarForm, "isFanned" | "leftHanded" | "perString" | "bridge">;

function Row({ title, children }: { readonly title: string; readonly children: ReactNode }) {
  return (
    <fieldset>
      <legend className="mb-1.5 text-lg font-semibold">{title}</legend>
      <div className="flex flex-wrap items-start gap-x-4 gap-y-3">{children}</div>
    </fieldset>
  );
}

function Tick({ label, children }: { readonly label: string; readonly children: ReactNode }) {
  return (
    <label className="flex min-h-11 items-center gap-2 [&>input]:size-6 [&>input]:accent-(--ink)">
      {children}
      {label}
    </label>
  );
}

/** A length in the unit it was not written in. */
function otherUnit(text: string, read: typeof readScaleMm): string | undefined {
  const length = read(text, "length");
  if (!length.ok) return undefined;
  const isInches = !/m/.test(text) && length.value !== Number(text);
  return isInches
    ? `${length.value.toFixed(1)} mm`
    : `${(length.value / MM_PER_INCH).toFixed(3)} in`;
}

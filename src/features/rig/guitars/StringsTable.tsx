import { type FieldErrors, type UseFormRegister } from "react-hook-form";
import { type Tuning } from "@/core/tuning";
import { useNames } from "@/ui/names";
import { NoteText } from "@/ui/text";
import { type GuitarForm } from "./guitarForm";

interface StringsTableProps {
  readonly strings: number;
  readonly usual: Tuning | null;
  readonly register: UseFormRegister<GuitarForm>;
  readonly errors: FieldErrors<GuitarForm>;
}

const CELL = "field figures w-full min-w-18 px-2";

/** What is known of each string, thinnest first as players count; every field may stay empty. */
export function StringsTable({ strings, usual, register, errors }: StringsTableProps) {
  const names = useNames();
  const texts = usual ? names.strings(usual.midi) : [];
  const order = Array.from({ length: strings }, (_, index) => strings - 1 - index);
  const problems = order.flatMap((string) => {
    const at = errors.perString?.[string];
    const message = at?.gauge?.message ?? at?.unitMass?.message ?? at?.tension?.message;
    return message ? [`String ${strings - string}: ${message}`] : [];
  });
  return (
    <div>
      <div className="overflow-x-auto">
        <table className="w-full max-w-3xl text-left">
          <thead className="text-[15px] text-muted">
            <tr>
              <th className="w-16 pb-1 font-normal">String</th>
              <th className="font-normal">Gauge</th>
              <th className="w-20 font-normal">Wound</th>
              <th className="font-normal">Unit weight</th>
              <th className="font-normal">Tension in its usual tuning</th>
            </tr>
          </thead>
          <tbody>
            {order.map((string) => {
              const number = strings - string;
              const at = errors.perString?.[string];
              return (
                <tr key={string}>
                  <th scope="row" className="figures pr-2 text-lg font-semibold whitespace-nowrap">
                    {number}{" "}
                    <span className="font-normal text-muted">
                      <NoteText>{texts[string] ?? ""}</NoteText>
                    </span>
                  </th>
                  <td className="py-0.5 pr-2">
                    <input
                      aria-label={`Gauge of string ${number}`}
                      aria-invalid={at?.gauge ? true : undefined}
                      placeholder=".010"
                      className={CELL}
                      {...register(`perString.${string}.gauge`)}
                    />
                  </td>
                  <td className="pr-2">
                    <input
                      type="checkbox"
                      aria-label={`String ${number} is wound`}
                      className="size-6 accent-(--ink)"
                      {...register(`perString.${string}.wound`)}
                    />
                  </td>
                  <td className="pr-2">
                    <input
                      aria-label={`Unit weight of string ${number}`}
                      aria-invalid={at?.unitMass ? true : undefined}
                      placeholder="g/m or lb/in"
                      className={CELL}
                      {...register(`perString.${string}.unitMass`)}
                    />
                  </td>
                  <td>
                    <input
                      aria-label={`Tension of string ${number}`}
                      aria-invalid={at?.tension ? true : undefined}
                      placeholder="N, kg or lb"
                      className={CELL}
                      {...register(`perString.${string}.tension`)}
                    />
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
      </div>
      {problems.map((problem) => (
        <p key={problem} role="alert" className="mt-1 text-[15px] text-warning">
          {problem}
        </p>
      ))}
    </div>
  );
}

import { useMemo, useRef } from "react";
import { MM_PER_INCH } from "@/core/measure";
import { type Midi } from "@/core/pitch";
import { adviseGauges, type GaugeAdvice } from "@/core/strings";
import { strungGuitar, type Guitar } from "@/state";
import { useNames } from "@/ui/names";
import { TableButton } from "@/ui/save";
import { NoteText } from "@/ui/text";

interface GaugeAdviceViewProps {
  readonly guitar: Guitar;
  readonly to: readonly Midi[];
}

/** Which strings would feel in the new tuning as the current ones do in the usual tuning. */
export function GaugeAdviceView({ guitar, to }: GaugeAdviceViewProps) {
  const names = useNames();
  const advice = useMemo(() => adviseGauges(strungGuitar(guitar), to), [guitar, to]);
  const strings = advice.length;
  const table = useRef<HTMLTableElement>(null);
  const texts = names.strings(to);
  return (
    <details className="panel p-3">
      <summary className="min-h-8 cursor-pointer text-lg font-semibold">
        Gauges for the same feel
      </summary>
      <table ref={table} className="figures mt-2 w-full text-left text-[16px]">
        <thead className="text-muted">
          <tr>
            <th className="pr-3 font-normal">String</th>
            <th className="pr-3 font-normal">Now</th>
            <th className="font-normal">For the same tension</th>
          </tr>
        </thead>
        <tbody>
          {advice
            .map((each, string) => ({ each, string }))
            .reverse()
            .map(({ each, string }) => (
              <tr key={string} className="border-t border-line">
                <td className="py-1 pr-3">
                  {strings - string} <NoteText>{texts[string] ?? ""}</NoteText>
                </td>
                <td className="pr-3">{nowText(each)}</td>
                <td>{adviceText(each)}</td>
              </tr>
            ))}
        </tbody>
      </table>
      <div className="mt-2">
        <TableButton table={table} name="gauges for the same feel" />
      </div>
      <p className="mt-2 text-[15px] text-muted">
        Plain strings by diameter. A wound string goes by its unit weight, which its maker states;
        its diameter is only a hint. A large change of gauge is work for a qualified technician.
      </p>
    </details>
  );
}

function nowText({ diameter, wound }: GaugeAdvice): string {
  return diameter ? `${inches(diameter.nowMm)} ${wound ? "wound" : "plain"}` : "not given";
}

function adviceText({ diameter, diameterShare, unitMassShare, wound }: GaugeAdvice): string {
  if (diameterShare === 1) return "the same";
  const weight = `unit weight × ${unitMassShare.toFixed(2)}`;
  if (!diameter) return `diameter × ${diameterShare.toFixed(3)}`;
  const gauge = `${inches(diameter.equalFeelMm)} (${diameter.equalFeelMm.toFixed(2)} mm)`;
  return wound ? `${weight}, about ${gauge}` : gauge;
}

/** A gauge as packets print it, to half a thousandth of an inch: .0105. */
function inches(mm: number): string {
  return (Math.round((mm / MM_PER_INCH) * 2000) / 2000)
    .toFixed(4)
    .replace(/^0/, "")
    .replace(/0$/, "");
}

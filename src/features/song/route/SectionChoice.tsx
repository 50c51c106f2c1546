import { ChoiceButton } from "@/ui/controls";
import { sectionName } from "@/features/song/state";

interface SectionChoiceProps {
  readonly sectionKeys: readonly string[];
  readonly section: number;
  readonly onSection: (section: number) => void;
}

/** More sections are chosen from a list. */
const MAX_BUTTONS = 5;

/** Which section's grips are shown. */
export function SectionChoice({ sectionKeys, section, onSection }: SectionChoiceProps) {
  if (sectionKeys.length < 2) return null;
  if (sectionKeys.length > MAX_BUTTONS) {
    return (
      <label>
        <span className="sr-only">Section</span>
        <select
          className="field"
          value={section}
          onChange={({ target }) => onSection(Number(target.value))}
        >
          {sectionKeys.map((key, index) => (
            <option key={index} value={index}>
              {sectionName(key)}
            </option>
          ))}
        </select>
      </label>
    );
  }
  return (
    <div role="group" aria-label="Section" className="flex flex-wrap gap-1">
      {sectionKeys.map((key, index) => (
        <ChoiceButton
          key={index}
          pressed={index === section}
          onPress={() => onSection(index)}
          className="px-3"
        >
          {sectionName(key)}
        </ChoiceButton>
      ))}
    </div>
  );
}

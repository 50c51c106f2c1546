import { NoteTspans } from "@/ui/text";

/** What a mark stands for. Each role has a form of its own as well as a colour. */
type MarkRole = "root" | "octave" | "fifth" | "third" | "other";

/**
 * The role of a tone. `semitones` counts from the lowest sounding root, so that its octaves can
 * be told apart; on a map of single degrees, pass 0 to 11.
 */
export function markRole(semitones: number): MarkRole {
  const degree = ((semitones % 12) + 12) % 12;
  if (degree === 0) return semitones === 0 ? "root" : "octave";
  if (degree === 7) return "fifth";
  return degree === 3 || degree === 4 ? "third" : "other";
}

const COLOURS: Readonly<Record<MarkRole, string>> = {
  root: "var(--root)",
  octave: "var(--root)",
  fifth: "var(--fifth)",
  third: "var(--third)",
  other: "var(--other-degree)",
};

interface MarkShapeProps {
  readonly role: MarkRole;
  readonly x: number;
  readonly y: number;
  /** Half the height of the mark, in px. */
  readonly size: number;
  readonly faint?: boolean;
}

/** The form alone: a notched block, the same hollow, a disc, a wedge, a diamond. */
export function MarkShape({ role, x, y, size, faint = false }: MarkShapeProps) {
  const colour = COLOURS[role];
  const hollow = role === "octave";
  const paint = {
    fill: hollow ? "var(--slab)" : colour,
    stroke: colour,
    strokeWidth: hollow ? size * 0.24 : 0,
    opacity: faint ? 0.62 : 1,
  };
  if (role === "fifth") return <circle cx={x} cy={y} r={size} {...paint} />;
  return (
    <path
      d={outline(role, hollow ? size * 0.9 : size)}
      transform={`translate(${x} ${y})`}
      {...paint}
    />
  );
}

interface MarkProps extends MarkShapeProps {
  readonly label: string;
}

/** A mark with its label: a degree, a note or a finger. */
export function Mark({ label, ...shape }: MarkProps) {
  const { role, x, y, size } = shape;
  // A wedge is widest at its foot, so its label sits lower.
  const drop = role === "third" ? 0.24 * size : 0;
  return (
    <>
      <MarkShape {...shape} />
      <text
        x={x}
        y={y + drop}
        dy="0.35em"
        textAnchor="middle"
        fontSize={size * (label.length > 1 ? 1.15 : 1.35)}
        fontWeight={700}
        color={role === "octave" ? "var(--root)" : "var(--on-mark)"}
        fill="currentColor"
      >
        <NoteTspans>{label}</NoteTspans>
      </text>
    </>
  );
}

function outline(role: MarkRole, size: number): string {
  if (role === "third") {
    const [half, up, down] = [1.22 * size, 1.25 * size, 0.95 * size];
    return `M 0 ${-up} L ${half} ${down} L ${-half} ${down} Z`;
  }
  if (role === "other") {
    const half = 1.2 * size;
    return `M 0 ${-half} L ${half} 0 L 0 ${half} L ${-half} 0 Z`;
  }
  const [edge, notch] = [0.96 * size, 0.32 * size];
  const inner = edge - notch;
  return [
    `M ${-inner} ${-edge} H ${inner} V ${-inner} H ${edge} V ${inner} H ${inner} V ${edge}`,
    `H ${-inner} V ${inner} H ${-edge} V ${-inner} H ${-inner} Z`,
  ].join(" ");
}

export { damperText, dampingLines, fingerName, type DampingLine } from "./dampingWords";

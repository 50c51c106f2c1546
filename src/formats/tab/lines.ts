/** The lines of a text, whatever ends them. */
export function tabLinesIn(text: string): readonly string[] {
  return text.split(/\r\n|\n|\r|\u2028|\u2029/);
}

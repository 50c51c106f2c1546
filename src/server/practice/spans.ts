import { type Span } from "@/wire";

const MS_A_DAY = 86_400_000;
/** More marks than this a chart cannot show. */
const [MAX_DAYS, MAX_WEEK_DAYS] = [62, 2 * 366];

/** Into what spans a log from one day to another is told apart. */
export function spanFor(first: string | null, last: string | null): Span {
  if (first === null || last === null) return "day";
  const days = (Date.parse(last) - Date.parse(first)) / MS_A_DAY;
  return days <= MAX_DAYS ? "day" : days <= MAX_WEEK_DAYS ? "week" : "month";
}

/** The first day of a day's span: itself, its Monday, or the first of its month. */
export function spanStart(day: string, span: Span): string {
  if (span === "day") return day;
  if (span === "month") return `${day.slice(0, 7)}-01`;
  const date = new Date(`${day}T00:00:00Z`);
  const sinceMonday = (date.getUTCDay() + 6) % 7;
  return new Date(date.getTime() - sinceMonday * MS_A_DAY).toISOString().slice(0, 10);
}

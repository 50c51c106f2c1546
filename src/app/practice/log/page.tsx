import { type Metadata } from "next";
import { LogScreen } from "@/features/practice";
import { readLogFilter } from "@/formats/address";
import { readLogView } from "@/server/page";

export const metadata: Metadata = { title: "Log of practice" };

interface LogPageProps {
  readonly searchParams: Promise<Readonly<Record<string, string | readonly string[] | undefined>>>;
}

export default async function LogPage({ searchParams }: LogPageProps) {
  const query = new URLSearchParams();
  for (const [name, value] of Object.entries(await searchParams)) {
    if (typeof value === "string") query.set(name, value);
  }
  const filter = readLogFilter(query);
  return <LogScreen view={await readLogView(filter)} filter={filter} />;
}

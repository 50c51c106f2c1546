import { type Metadata } from "next";
import { NameScreen } from "@/features/name";

export const metadata: Metadata = { title: "Name a shape" };

interface NamePageProps {
  readonly searchParams: Promise<Readonly<Record<string, string | readonly string[] | undefined>>>;
}

/** The shape is in the address, "?frets=x-5-7-7-x-x", so that it can be kept and shared. */
export default async function NamePage({ searchParams }: NamePageProps) {
  const { frets } = await searchParams;
  return <NameScreen start={typeof frets === "string" ? frets : ""} />;
}

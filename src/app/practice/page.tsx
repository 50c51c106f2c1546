import { type Metadata } from "next";
import { PracticeScreen } from "@/features/practice";
import { readPracticeStart } from "@/server/page";

export const metadata: Metadata = { title: "Practice" };

export default async function PracticePage() {
  return <PracticeScreen start={await readPracticeStart()} />;
}

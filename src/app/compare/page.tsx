import { type Metadata } from "next";
import { CompareScreen } from "@/ui/screens/CompareScreen";

export const metadata: Metadata = { title: "Compare" };

export default function ComparePage() {
  return <CompareScreen />;
}

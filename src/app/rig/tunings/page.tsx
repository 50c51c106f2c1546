import { type Metadata } from "next";
import { TuningsScreen } from "@/ui/screens/TuningsScreen";

export const metadata: Metadata = { title: "Tunings" };

export default function TuningsPage() {
  return <TuningsScreen />;
}

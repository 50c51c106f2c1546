import { type Metadata } from "next";
import { RetuneScreen } from "@/ui/screens/RetuneScreen";

export const metadata: Metadata = { title: "Retune" };

export default function RetunePage() {
  return <RetuneScreen />;
}

import { type Metadata } from "next";
import { RetuneScreen } from "@/features/rig/retune";

export const metadata: Metadata = { title: "Retune" };

export default function RetunePage() {
  return <RetuneScreen />;
}

import { type Metadata } from "next";
import { TuningsScreen } from "@/features/rig/tunings";

export const metadata: Metadata = { title: "Tunings" };

export default function TuningsPage() {
  return <TuningsScreen />;
}

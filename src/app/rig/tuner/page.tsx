import { type Metadata } from "next";
import { TunerScreen } from "@/features/rig/tuner";

export const metadata: Metadata = { title: "Tuner" };

export default function TunerPage() {
  return <TunerScreen />;
}

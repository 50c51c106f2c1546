import { type Metadata } from "next";
import { TunerScreen } from "@/ui/screens/TunerScreen";

export const metadata: Metadata = { title: "Tuner" };

export default function TunerPage() {
  return <TunerScreen />;
}

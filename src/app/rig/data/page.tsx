import { type Metadata } from "next";
import { DataScreen } from "@/features/rig/data";
import { readDataFacts } from "@/server/page";

export const metadata: Metadata = { title: "Data" };

export default function DataPage() {
  return <DataScreen facts={readDataFacts()} />;
}

import { type Metadata } from "next";
import { DataScreen } from "@/features/rig/data";
import { readFactsOfData } from "@/server/page";

export const metadata: Metadata = { title: "Data" };

export default async function DataPage() {
  return <DataScreen facts={await readFactsOfData()} />;
}

import { dataFile, served } from "@/server/database";
import { runJob } from "@/server/jobs";
import { type DataFacts } from "@/wire";

/** Where the data lie and how they are; null where they cannot be opened, which the frame of the page says. */
export async function readFactsOfData(): Promise<DataFacts | null> {
  try {
    return await runJob("readDataFacts", { file: dataFile(served().folder) });
  } catch (error) {
    console.error(error);
    return null;
  }
}

import { bin, stay } from "./run.mjs";
import { holderOf } from "./holder.mjs";
import { findPort } from "./setup.mjs";

/** Serves the build on this machine's own address only, and says where once it answers. */
export async function serve(dataFolder) {
  const holder = holderOf(dataFolder);
  if (holder !== null) {
    console.error(
      `Tenon already runs on ${dataFolder}${holder && `: ${holder}`}. Use that one, end it, or name another folder with TENON_DATA.`,
    );
    process.exit(1);
  }
  const port = await findPort();
  const address = `http://127.0.0.1:${port}`;
  stay(bin("next"), ["start", "-H", "127.0.0.1", "-p", String(port)], {
    TENON_DATA: dataFolder,
    TENON_ADDRESS: address,
  });
  if (await answersSoon(address)) console.log(`\nTenon is ready: ${address}\n(Ctrl-C ends it.)`);
}

const ATTEMPTS = 150;
const PAUSE_MS = 200;

async function answersSoon(address) {
  for (let attempt = 0; attempt < ATTEMPTS; attempt++) {
    try {
      await fetch(address);
      return true;
    } catch {
      await new Promise((resolve) => setTimeout(resolve, PAUSE_MS));
    }
  }
  console.error("Tenon does not answer; see the lines above.");
  return false;
}

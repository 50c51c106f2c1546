import { mkdirSync } from "node:fs";
import { withDemo } from "./lib/withDemo.mts";
mkdirSync("/tmp/shots", { recursive: true });
const which = process.argv.slice(2);
const shots: Record<string, any> = {
  neck: { path: "/" },
  neck8: { path: "/?tuning=28,35,40,45,50,55,59,64&root=C&stack=0,7,12", dark: true },
  free: { path: "/?tuning=40,45,50,55,59,64&root=C&stack=0,4,7&least=4" },
  view: { path: "/", prepare: async (p: any) => { await p.getByRole("button", { name: "View", exact: true }).click(); await p.waitForTimeout(600);} },
  naturals: { path: "/?tuning=40,45,50,55,59,64&root=C&stack=0,7,12&map=naturals&frets=3-9", prepare: async (p:any)=>{await p.keyboard.press("Escape"); await p.waitForTimeout(300);} },
  stage: { path: "/?tuning=40,45,50,55,59,64&root=C&stack=0,7,12&stage=yes&grip=x-3-5-5-x-x&fingers=0-1-3-4-0-0" },
  stage8: { path: "/?tuning=28,35,40,45,50,55,59,64&root=C&stack=0,7,12&stage=yes", dark: true },
  tablet: { path: "/", width: 768, height: 1024 },
  phone: { path: "/", width: 390, height: 844 },
  phonefull: { path: "/", width: 390, height: 844, full: true },
  full: { path: "/?tuning=40,45,50,55,59,64&root=C&stack=0,7,12&grip=x-3-5-5-x-x&fingers=0-1-3-4-0-0", full: true, prepare: async (p:any)=>{ await p.getByRole("button",{name:/Roughness as/}).click(); await p.waitForTimeout(1500);} },
  stacks: { path: "/", prepare: async (p:any)=>{ await p.getByRole("combobox",{name:/Own stacks/}).selectOption("edit"); await p.waitForTimeout(800); await p.getByRole("button",{name:"Change Wide five"}).click(); await p.waitForTimeout(300);} },
  print: { path: "/", prepare: async (p:any)=>{ await p.getByRole("button",{name:"Save or print"}).click(); await p.waitForTimeout(500); await p.getByRole("button",{name:"Print a sheet"}).click(); await p.waitForTimeout(500);} },
  save: { path: "/", prepare: async (p:any)=>{ await p.getByRole("button",{name:"Save or print"}).click(); await p.waitForTimeout(500); for (const n of ["Neck as SVG","Neck as PNG","Grip as SVG","Grip as PNG"]) { const d=p.waitForEvent("download"); await p.getByRole("button",{name:n}).click(); const f=await d; await f.saveAs("/tmp/shots/dl-"+f.suggestedFilename()); console.log(f.suggestedFilename()); } } },
};
await withDemo(async ({ browser, address, reset }) => {
  for (const name of which.length ? which : ["neck"]) {
    const s = shots[name]; reset();
    const ctx = await browser.newContext({ viewport: { width: s.width ?? 1280, height: s.height ?? 800 }, colorScheme: s.dark ? "dark" : "light", reducedMotion: "reduce", acceptDownloads: true });
    const page = await ctx.newPage();
    page.on("console", (m: any) => { if (m.type() === "error" || m.type()==="warning") console.log(name, m.type(), m.text().slice(0,300)); });
    page.on("pageerror", (e: any) => console.log(name, "pageerror", e.message.slice(0,300)));
    await page.goto(address + s.path, { waitUntil: "networkidle" });
    await page.waitForTimeout(700);
    await s.prepare?.(page);
    await page.screenshot({ path: `/tmp/shots/${name}.png`, fullPage: s.full });
    await ctx.close();
  }
});

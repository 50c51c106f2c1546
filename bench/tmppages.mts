import { mkdtempSync, rmSync } from "node:fs";
import { spawn } from "node:child_process";
import { openDatabase } from "/work/main/src/server/database";
import { seedDemo } from "/work/main/src/server/seed";
import { ask } from "/work/main/bench/durability/ask";
const folder = mkdtempSync("/tmp/tenon-pages-");
const c = openDatabase(folder); seedDemo(c); c.close();
const prof = process.argv[2];
const child = spawn(process.execPath, [...(prof?["--cpu-prof","--cpu-prof-dir="+prof]:[]), "node_modules/next/dist/bin/next","start","-H","127.0.0.1","-p","4391"],{env:{...process.env,NODE_ENV:"production",TENON_DATA:folder,TENON_ADDRESS:"http://127.0.0.1:4391"},stdio:"inherit"});
const address="http://127.0.0.1:4391";
for(let i=0;i<100;i++){ try{ await fetch(address+"/changes"); break;}catch{ await new Promise(r=>setTimeout(r,100)); } }
for (const path of ["/","/compare","/song","/practice","/practice/log","/rig","/name"]) {
  let bytes=0; const times:number[]=[];
  for(let i=0;i<60;i++){ const t=performance.now(); const {text}=await ask(address,"GET",path); times.push(performance.now()-t); bytes=text.length; }
  times.sort((a,b)=>a-b); console.log(path, "median", times[30]?.toFixed(1), "min", times[0]?.toFixed(1), bytes);
}
child.kill("SIGTERM"); await new Promise(r=>child.once("exit",r));
rmSync(folder,{recursive:true});

// @ts-nocheck
import { withDemo } from "./lib/withDemo.mts";
await withDemo(async ({ browser, address }) => {
  for (let i=0;i<4;i++){
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.addInitScript(()=>{ window.shifts=[]; new PerformanceObserver((l)=>{for(const e of l.getEntries()) window.shifts.push({v:e.value,t:Math.round(e.startTime),s:e.sources.map(s=>[s.node?.nodeName+"."+(s.node?.className?.slice?.(0,60)??"")+"#"+(s.node?.textContent??"").slice(0,20), s.previousRect.y|0, s.currentRect.y|0, s.previousRect.x|0, s.currentRect.x|0, s.currentRect.height|0])})}).observe({type:"layout-shift",buffered:true})});
  await page.goto(`${address}/song`);
  await page.waitForTimeout(4000);
  console.log(JSON.stringify(await page.evaluate("shifts"),null,0).slice(0,3000));
  await page.close();
  }
});

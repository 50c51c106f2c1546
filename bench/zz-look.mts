import { chromium } from "@playwright/test";
const browser = await chromium.launch({ executablePath: "/usr/bin/chromium", args: ["--no-sandbox"] });
const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, baseURL: "http://127.0.0.1:4500" });
page.on("console", (m) => m.type() === "error" && console.log("console:", m.text()));
page.on("response", (r) => r.status() >= 400 && console.log(r.status(), r.url()));
page.on("pageerror", (e) => console.log("pageerror", e.message));
const { default: act } = await import(process.argv[2]!);
await act(page, browser);
await browser.close();

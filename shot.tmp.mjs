import { chromium } from "@playwright/test";
const [,, url, out, w = "1280", h = "800", scheme = "light", full = ""] = process.argv;
const b = await chromium.launch({ executablePath: "/usr/bin/chromium-headless-shell", args: ["--no-sandbox"] });
const p = await b.newPage({ viewport: { width: +w, height: +h }, colorScheme: scheme });
p.on("console", (m) => m.type() === "error" && console.log("console:", m.text()));
p.on("pageerror", (e) => console.log("error:", e.message));
await p.goto("http://127.0.0.1:4490" + url); await p.waitForTimeout(+(process.env.WAIT ?? 6000));
if (process.env.PASTE) { await p.locator("textarea").fill((await import("node:fs")).readFileSync(process.env.PASTE, "utf8")); await p.waitForTimeout(1500); }
await p.screenshot({ path: out, fullPage: full === "full" }); await b.close();

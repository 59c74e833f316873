import { chromium } from "@playwright/test";
const [, , url, out, w = "1280", h = "800", scheme = "light", action = ""] = process.argv;
const b = await chromium.launch({
  executablePath: "/usr/bin/chromium",
  args: [
    "--no-sandbox",
    "--disable-gpu",
    "--disable-quic",
    "--no-first-run",
    "--disable-background-networking",
    "--disable-component-update",
    "--disable-sync",
  ],
});
const p = await b.newPage({ viewport: { width: +w, height: +h }, colorScheme: scheme });
p.on("console", (m) => m.type() === "error" && console.log("console:", m.text()));
await p.goto(url);
await p.waitForTimeout(4000);
if (action) await eval(`(async()=>{${action}})()`);
await p.screenshot({ path: out });
await b.close();

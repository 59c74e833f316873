import { readFileSync } from "node:fs";
import { chromium } from "@playwright/test";

// Draws the icons of the installed application from the one drawing of the mark: npx tsx scripts/screenshots/icons.ts

const GROUND = "#f4f1ea";
/** Share of the width the mark takes; a maskable icon is cut to a circle. */
const ICONS = [
  { file: "icon-192.png", px: 192, share: 0.86 },
  { file: "icon-512.png", px: 512, share: 0.86 },
  { file: "icon-maskable-512.png", px: 512, share: 0.6 },
] as const;

const mark = readFileSync("public/favicon.svg", "utf8");
const browser = await chromium.launch({
  executablePath: process.env.UMIAK_CHROMIUM ?? "/usr/bin/chromium",
  args: ["--no-sandbox"],
});
for (const { file, px, share } of ICONS) {
  const page = await browser.newPage({ viewport: { width: px, height: px } });
  const inner = Math.round(px * share);
  await page.setContent(
    `<body style="margin:0;background:${GROUND};display:grid;place-items:center;height:100vh"><div style="width:${inner}px">${mark}</div></body>`,
  );
  await page.screenshot({ path: `public/${file}` });
  await page.close();
}
await browser.close();

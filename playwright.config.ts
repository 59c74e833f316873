import { defineConfig } from "@playwright/test";

const PORT = Number(process.env.UMIAK_TEST_PORT ?? 4479);
const DATA = `test-results/data-${PORT}`;

export default defineConfig({
  testDir: "tests/e2e",
  outputDir: `test-results/e2e-${PORT}`, // runs beside each other have their own
  fullyParallel: false,
  workers: 1,
  timeout: 150_000, // machines that share their processor may be several times slower
  expect: { timeout: 45_000 },
  use: {
    baseURL: `http://127.0.0.1:${PORT}`,
    viewport: { width: 1280, height: 800 },
    locale: "en-IE", // metric, 24 hours, a decimal point: tests of other ways say so
    serviceWorkers: "block", // it fetches every built file anew for each test; tests of what is kept say so
    launchOptions: {
      executablePath: process.env.UMIAK_CHROMIUM ?? "/usr/bin/chromium",
      args: [
        "--no-sandbox",
        "--disable-gpu",
        "--disable-quic",
        "--no-first-run",
        "--disable-background-networking",
        "--disable-component-update",
        "--disable-sync",
      ],
    },
    screenshot: "only-on-failure",
  },
  webServer: {
    // The start command itself, on a data folder of its own that each run makes anew.
    command: `rm -rf ${DATA} && node scripts/run/main.mjs start`,
    url: `http://127.0.0.1:${PORT}/api/health`,
    env: { PORT: String(PORT), UMIAK_DATA_DIR: DATA, DATABASE_URL: "" },
    timeout: 420_000,
    gracefulShutdown: { signal: "SIGTERM", timeout: 20_000 },
  },
});

import { runningClusterUrl } from "./cluster.mjs";
import { mustExecute } from "./execute.mjs";
import { ensureNodeModules } from "./packages.mjs";
import { dataFolder, ROOT, tool } from "./paths.mjs";
import { checkNode } from "./preconditions.mjs";
import { PlainError } from "./say.mjs";

/**
 * Prints a code that makes an account, or so many, where accounts are made by invitation.
 * @param {string | undefined} uses
 * @returns {Promise<number>} exit code
 */
export async function invite(uses) {
  checkNode();
  const url = process.env.DATABASE_URL || runningClusterUrl(dataFolder());
  if (!url)
    throw new PlainError("nothing runs that somebody could be invited to: start it first, or name its DATABASE_URL.");
  await ensureNodeModules();
  const args = ["scripts/database/invite.ts", ...(uses === undefined ? [] : [uses])];
  console.log(
    (
      await mustExecute("making an invitation", tool("tsx"), args, {
        cwd: ROOT,
        env: { ...process.env, DATABASE_URL: url },
      })
    ).trim(),
  );
  return 0;
}

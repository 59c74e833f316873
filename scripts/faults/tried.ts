import { contentOfView } from "@/formats/wire/outing/content-of-view";
import type { OutingLine, OutingView } from "@/formats/wire/outing/outing-view";

/** What was tried, in a line, and what was wrong with it. */
export type Tried = { readonly said: string; readonly problems: readonly string[] };

export async function json<Answer>(address: string, path: string): Promise<Answer> {
  const answer = await fetch(`${address}${path}`);
  if (!answer.ok) throw new Error(`${path} answered ${answer.status}`);
  return (await answer.json()) as Answer;
}

/** An outing to be saved again and again. */
export const someOuting = async (address: string): Promise<string> =>
  (await json<OutingLine[]>(address, "/api/outings"))[0]!.id;

const CM_PER_M = 100;

/** Saves a mark into an outing, as the height of its seat. @returns the status; 0: no answer */
export async function saveMark(address: string, view: OutingView, mark: number): Promise<number> {
  const setting = { ...view.setting, seatHeightM: mark / CM_PER_M };
  const answer = await fetch(`${address}/api/outings/${view.id}`, {
    method: "PUT",
    headers: { "content-type": "application/json" },
    body: JSON.stringify({ version: view.version, ...contentOfView(view), setting }),
  }).catch(() => null);
  return answer?.status ?? 0;
}

export const markOf = ({ setting }: OutingView): number => Math.round(setting.seatHeightM * CM_PER_M);

/** Opens an outing and saves a mark into it. @returns the status of what failed first, or of the save; 0: no answer */
export async function openAndSave(address: string, id: string, mark: number): Promise<number> {
  const opened = await fetch(`${address}/api/outings/${id}`).catch(() => null);
  if (!opened?.ok) return opened?.status ?? 0;
  return saveMark(address, (await opened.json()) as OutingView, mark);
}

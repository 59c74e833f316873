import type { OutingView } from "@/formats/wire/outing/outing-view";
import { json, markOf, saveMark, someOuting, type Tried } from "./tried";

const ROUNDS = 100;

/** Two tabs save the same state at the same moment: one of them is told, and what the other was told is there. */
export async function twoTabs(address: string): Promise<Tried> {
  const id = await someOuting(address);
  const problems: string[] = [];
  let [saved, refused] = [0, 0];
  for (let round = 0; round < ROUNDS; round++) {
    const view = await json<OutingView>(address, `/api/outings/${id}`);
    const marks = [10 + (round % 20), 40 + (round % 20)];
    const statuses = await Promise.all(marks.map((mark) => saveMark(address, view, mark)));
    const won = marks.filter((_, tab) => statuses[tab] === 200);
    saved += won.length;
    refused += statuses.filter((status) => status === 409).length;
    if (statuses.toSorted().join() !== "200,409") problems.push(`two tabs were told ${statuses.join(" and ")}`);
    const mark = markOf(await json<OutingView>(address, `/api/outings/${id}`));
    if (!won.includes(mark)) problems.push("what was acknowledged is not there");
  }
  return { said: `two tabs at once, ${ROUNDS} times: ${saved} saved, ${refused} told of the other`, problems };
}

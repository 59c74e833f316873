import * as m from "@/messages";
import { dressingOrder, type DressingSpot, type DressingStep } from "@/core/evening";
import { SPOT_WORDS, stepWords } from "@/formats/display/words/dressing-words";
import { clockText, durationText } from "@/formats/display/time";
import { instantAt } from "@/formats/outing-file/to-outing";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { plannedOfView } from "@/formats/wire/outing/planned-of-view";

type Block = { readonly spot: DressingSpot; readonly minute: number; readonly steps: readonly DressingStep[] };

/** Steps that are done at one place and time, together. */
const blocksOf = (steps: readonly DressingStep[]): Block[] => {
  const blocks = new Map<string, DressingStep[]>();
  for (const step of steps) {
    const key = `${step.spot} ${step.minute}`;
    blocks.set(key, [...(blocks.get(key) ?? []), step]);
  }
  return [...blocks.values()].map((own) => ({ spot: own[0]!.spot, minute: own[0]!.minute, steps: own }));
};

const minutesOf = (steps: readonly DressingStep[]): number => steps.reduce((sum, { minutes }) => sum + minutes, 0);

/** In which order to dress for the outing: at home, at the vehicle, out there. */
export function DressingList({ view }: { readonly view: OutingView }) {
  const blocks = blocksOf(dressingOrder(plannedOfView(view)));
  return (
    <section aria-labelledby="dressing">
      <h2 id="dressing" className="text-xl font-semibold">
        {m.dressingOrder}
      </h2>
      <p className="text-muted text-sm">{m.minutesAreThoseItTakesWith}</p>
      {blocks.map(({ spot, minute, steps }) => (
        <section key={`${spot} ${minute}`} className="break-inside-avoid pt-4">
          <h3 className="border-ink flex justify-between border-b font-semibold">
            <span>
              {spot === "out"
                ? m.ofAt({
                    out: SPOT_WORDS.out,
                    instantAt: clockText(instantAt(view.startsAt, minute), view.place.timeZone),
                  })
                : SPOT_WORDS[spot]}
            </span>
            <span className="text-muted text-sm font-normal">
              {m.about2} {durationText(minutesOf(steps))}
            </span>
          </h3>
          <ol className="list-decimal pl-6">
            {steps.map((step, index) => (
              <li key={index} className="py-0.5">
                {stepWords(step)}
              </li>
            ))}
          </ol>
        </section>
      ))}
    </section>
  );
}

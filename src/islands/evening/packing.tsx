import * as m from "@/messages";
import { sumOf, PACK_GROUPS, packingList, type PackGroup, type PackLine as Line } from "@/core/evening";
import { plainNumber } from "@/formats/display/numbers";
import { loadText } from "@/formats/display/quantities";
import { PACK_GROUP_WORDS } from "@/formats/display/words/pack-words";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { plannedOfView, type CareById } from "@/formats/wire/outing/planned-of-view";
import { removeExtra, tick, untickAll } from "@/stores/sheet/preparation";
import { AddThing } from "./add-thing";
import { PackLine } from "./pack-line";

const Remove = ({ id, words }: { readonly id: string; readonly words: string }) => (
  <button
    type="button"
    className="press press-small no-print self-center"
    aria-label={m.takeOffTheList({ words })}
    onClick={() => removeExtra(id)}
  >
    {m.remove}
  </button>
);

function Group({
  group,
  lines,
  packed,
}: {
  readonly group: PackGroup;
  readonly lines: readonly Line[];
  readonly packed: ReadonlySet<string>;
}) {
  const { massG, volumeL, unknownMass } = sumOf(lines);
  const isInPack = group !== "worn";
  if (lines.length === 0 && group !== "tools") return null;
  return (
    <section className="break-inside-avoid pt-4">
      <h3 className="border-ink flex justify-between border-b font-semibold">
        <span>{PACK_GROUP_WORDS[group]}</span>
        {massG > 0 && (
          <span className="text-muted text-sm font-normal">
            {loadText(massG)}
            {isInPack && m.aboutLPart({ volumeL: plainNumber(volumeL, 0) })}
            {unknownMass > 0 && m.ofWithoutAKnownMass({ unknownMass })}
          </span>
        )}
      </h3>
      <ul>
        {lines.map((line) => (
          <PackLine
            key={line.key}
            line={line}
            isPacked={packed.has(line.key)}
            onTick={(isPacked) => tick(line.key, isPacked)}
          >
            {line.what.kind === "extra" && <Remove {...line.what} />}
          </PackLine>
        ))}
      </ul>
      {group === "tools" && <AddThing />}
    </section>
  );
}

/** The packing list with its ticks, which are kept with the outing. */
export function Packing({ view, careById }: { readonly view: OutingView; readonly careById: CareById }) {
  const lines = packingList(plannedOfView(view, careById), view.plan.extras);
  const packed = new Set(view.plan.ticks);
  const done = lines.filter(({ key }) => packed.has(key)).length;
  return (
    <section aria-labelledby="packing">
      <div className="flex flex-wrap items-baseline justify-between gap-3">
        <h2 id="packing" className="text-xl font-semibold">
          {m.packingList}
        </h2>
        <p role="status" data-testid="packed">
          {done} {m.ofWords2} {lines.length} {m.packed2}
        </p>
        {done > 0 && (
          <button type="button" className="press press-small no-print" onClick={untickAll}>
            {m.startPackingAgain}
          </button>
        )}
      </div>
      <p className="text-muted text-sm">{m.drawnFromWhatIsWornAnd}</p>
      <div className="gap-x-8 sm:columns-2">
        {PACK_GROUPS.map((group) => (
          <Group key={group} group={group} lines={lines.filter((line) => line.group === group)} packed={packed} />
        ))}
      </div>
    </section>
  );
}

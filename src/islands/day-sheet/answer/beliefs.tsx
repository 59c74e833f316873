import * as m from "@/messages";
import { insulationText, quantityText } from "@/formats/display/quantities";
import { useStore } from "@nanostores/react";
import { memo } from "react";
import { gramReading } from "@/core/labels";
import { headShare } from "@/core/trace";
import { plainNumber } from "@/formats/display/numbers";
import { PATCH_WORDS } from "@/formats/display/words/body-words";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { $look } from "@/stores/answer/derived-results";
import { drawnFrom } from "../drawn-from";

type Props = { readonly view: OutingView };

const percent = (share: number): string => `${plainNumber(100 * share, 0)} %`;

/** "Most heat leaves through the head", beside the minute read out. */
function HeadBelief() {
  const look = useStore($look);
  if (!look) return null;
  const { ofLoss, ofSkin } = headShare(look);
  return (
    <li>
      <strong>{m.mostHeatLeavesThroughTheHead}</strong> {m.inThisMinuteTheHeadGives} {percent(ofLoss)}{" "}
      {m.ofWhatAllTheSkinLoses} {percent(ofSkin)} {m.ofTheSkinABareHead}
    </li>
  );
}

type Row = { readonly id: string; readonly name: string; readonly text: string; readonly massGPerM2: number };

/** Worn pieces whose label prints grams, most grams first. */
function gramRows({ kit, wearings }: OutingView): Row[] {
  const worn = new Set(wearings.map(({ pieceId }) => pieceId));
  return kit
    .filter(({ id }) => worn.has(id))
    .flatMap(({ id, name, label }): Row[] => {
      const reading = gramReading(label);
      if (!reading) return [];
      const { massGPerM2, patch, insulationM2KPerW } = reading;
      return [
        {
          id,
          name,
          massGPerM2,
          text: m.ofAtThe({
            insulationM2KPerW: insulationText(insulationM2KPerW, 1),
            patch: PATCH_WORDS[patch],
          }),
        },
      ];
    })
    .sort((one, other) => other.massGPerM2 - one.massGPerM2);
}

/** "Grams compare and add up", beside what is worn. */
function GramsBelief({ view }: Props) {
  const rows = gramRows(view);
  if (rows.length < 2) return null;
  return (
    <li>
      <strong>{m.gramsCompareAndAddUp}</strong> {m.theSameGramsMeanAnotherThickness}
      <ul className="text-muted mt-1">
        {rows.map(({ id, name, massGPerM2, text }) => (
          <li key={id}>
            {name}: {quantityText("areal", massGPerM2)} → {text}
          </li>
        ))}
      </ul>
    </li>
  );
}

/** Beliefs that mislead, each beside a figure of this plan. */
export const Beliefs = memo(
  ({ view }: Props) => (
    <ul className="mt-1 flex flex-col gap-2 text-sm">
      <HeadBelief />
      <GramsBelief view={view} />
    </ul>
  ),
  drawnFrom<Props>("kit", "wearings"),
);

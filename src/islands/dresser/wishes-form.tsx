import * as m from "@/messages";
import { useStore } from "@nanostores/react";
import { MINUTES_PER_HOUR } from "@/core/units";
import { AVOIDABLE } from "@/core/changes";
import { plannedSitMinutes, USUAL_WISHES, WISH_RANGE, type Wishes } from "@/core/dresser";
import { SWEAT_STEPS_G_PER_M2 } from "@/core/opinion";
import { DEXTERITY, MINOR_PER_UNIT, NOISE } from "@/core/pieces";
import { durationText } from "@/formats/display/time";
import { AVOIDED_WORDS } from "@/formats/display/words/change-words";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { viewToOuting } from "@/formats/wire/outing/view-to-outing";
import { $wishes } from "@/stores/dresser/dresser";
import type { Companion } from "@/stores/dresser/lending";
import { $preferences } from "@/stores/preferences";
import { CheckField } from "../fields/check-field";
import { ChoiceField } from "../fields/choice-field";
import { NumberField } from "../fields/number-field";
import { QuantityField } from "../fields/quantity-field";
import { Borrowing } from "./borrowing";
import { PieceWishes } from "./piece-wishes";

type Time = "planned" | "longest" | "other";
/** What is offered first when a limit is set (assumptions). */
const USUAL_CARRIED_KG = 9;
const USUAL_PACKED_L = 35;
const USUAL_COST_MINOR = 40_000;
const G_PER_KG = 1000;

const set = (changed: Partial<Wishes>): void => $wishes.set({ ...$wishes.get(), ...changed });
const numbered = (words: readonly string[]): [string, string][] =>
  words.map((own, index): [string, string] => [String(index), own]);

type Props = { readonly view: OutingView; readonly companions: readonly Companion[] };

/** What is asked of the dresser; every field stands on what is usual. */
export function WishesForm({ view, companions }: Props) {
  const wishes = useStore($wishes);
  const { currency } = useStore($preferences);
  const planned = plannedSitMinutes(viewToOuting(view));
  const { wantedMinutes, mostCarriedG, mostPackedL, mostCostMinor } = wishes;
  const time: Time = wantedMinutes === null ? "longest" : wantedMinutes === planned ? "planned" : "other";
  const timeTo: Readonly<Record<Time, number | null>> = {
    planned,
    longest: null,
    other: planned + MINUTES_PER_HOUR / 2,
  };
  return (
    <div className="flex flex-col gap-3">
      <ChoiceField<Time>
        label={m.wishedTime}
        value={time}
        options={[
          ["planned", m.wishAsPlanned({ duration: durationText(planned) })],
          ["longest", m.wishLongest],
          ["other", m.wishOtherTime],
        ]}
        onChange={(chosen) => set({ wantedMinutes: timeTo[chosen] })}
      />
      {time === "other" && (
        <NumberField
          label={m.wishedHours}
          unit={m.hoursUnit}
          value={wantedMinutes! / MINUTES_PER_HOUR}
          low={WISH_RANGE.wantedMinutes[0] / MINUTES_PER_HOUR}
          high={WISH_RANGE.wantedMinutes[1] / MINUTES_PER_HOUR}
          step={0.5}
          decimals={2}
          onChange={(hours) => set({ wantedMinutes: Math.round(hours * MINUTES_PER_HOUR) })}
        />
      )}
      <ChoiceField
        label={m.howSureIsWished}
        value={wishes.sureShare > 0 ? "sure" : "middle"}
        options={[
          ["sure", m.sureByLowEnd],
          ["middle", m.sureByMiddle],
        ]}
        onChange={(sure) => set({ sureShare: sure === "sure" ? USUAL_WISHES.sureShare : 0 })}
      />
      <CheckField
        label={m.genericsWish}
        checked={mostCostMinor !== null}
        onChange={(checked) => set({ mostCostMinor: checked ? USUAL_COST_MINOR : null })}
      />
      {mostCostMinor !== null && (
        <NumberField
          label={m.mostCostWish}
          unit={currency}
          value={mostCostMinor / MINOR_PER_UNIT}
          low={WISH_RANGE.mostCostMinor[0]}
          high={WISH_RANGE.mostCostMinor[1] / MINOR_PER_UNIT}
          step={10}
          decimals={0}
          onChange={(money) => set({ mostCostMinor: Math.round(money * MINOR_PER_UNIT) })}
        />
      )}
      {companions.length > 0 && <Borrowing companions={companions} />}
      <details>
        <summary className="cursor-pointer font-semibold">{m.moreWishes}</summary>
        <div className="flex flex-col gap-3 pt-3">
          <CheckField
            label={m.mostCarriedWish}
            checked={mostCarriedG !== null}
            onChange={(checked) => set({ mostCarriedG: checked ? USUAL_CARRIED_KG * G_PER_KG : null })}
          />
          {mostCarriedG !== null && (
            <QuantityField
              label={m.mostCarriedWish}
              quantity="mass"
              value={mostCarriedG / G_PER_KG}
              range={[WISH_RANGE.mostCarriedG[0] / G_PER_KG, WISH_RANGE.mostCarriedG[1] / G_PER_KG]}
              onChange={(kg) => set({ mostCarriedG: kg * G_PER_KG })}
            />
          )}
          <CheckField
            label={m.mostPackedWish}
            checked={mostPackedL !== null}
            onChange={(checked) => set({ mostPackedL: checked ? USUAL_PACKED_L : null })}
          />
          {mostPackedL !== null && (
            <NumberField
              label={m.mostPackedWish}
              unit="L"
              value={mostPackedL}
              low={WISH_RANGE.mostPackedL[0]}
              high={WISH_RANGE.mostPackedL[1]}
              step={5}
              decimals={0}
              onChange={(litres) => set({ mostPackedL: litres })}
            />
          )}
          <ChoiceField
            label={m.noiseWish}
            value={String(wishes.mostNoise ?? NOISE.length - 1)}
            options={numbered(NOISE)}
            onChange={(step) => set({ mostNoise: Number(step) === NOISE.length - 1 ? null : Number(step) })}
          />
          <ChoiceField
            label={m.handWish}
            value={String(wishes.workingHandDexterity ?? 0)}
            options={[["0", m.nothingOfHand], ...numbered(DEXTERITY).slice(1)]}
            onChange={(step) => set({ workingHandDexterity: Number(step) || null })}
          />
          <ChoiceField
            label={m.sweatWish}
            value={sweatStep(wishes.mostSweatGPerM2)}
            options={[
              ["dry", m.sweatDry],
              ["damp", m.sweatDamp],
              ["any", m.sweatAny],
            ]}
            onChange={(step) => set({ mostSweatGPerM2: SWEAT_WISHES[step] })}
          />
          <CheckField
            label={m.bigLayersWaitWish}
            checked={wishes.bigLayersWait}
            onChange={(bigLayersWait) => set({ bigLayersWait })}
          />
          {AVOIDABLE.map((avoided) => (
            <CheckField
              key={avoided}
              label={AVOIDED_WORDS[avoided]}
              checked={wishes.avoids.includes(avoided)}
              onChange={(checked) =>
                set({ avoids: checked ? [...wishes.avoids, avoided] : wishes.avoids.filter((own) => own !== avoided) })
              }
            />
          ))}
          <PieceWishes view={view} />
        </div>
      </details>
    </div>
  );
}

const SWEAT_WISHES = { dry: SWEAT_STEPS_G_PER_M2.damp, damp: SWEAT_STEPS_G_PER_M2.wet, any: null } as const;
const sweatStep = (gPerM2: number | null): keyof typeof SWEAT_WISHES =>
  gPerM2 === null ? "any" : gPerM2 <= SWEAT_WISHES.dry ? "dry" : "damp";

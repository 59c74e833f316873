import * as m from "@/messages";
import { insulationText, quantityText } from "@/formats/display/quantities";
import { useMemo, useState } from "react";
import { benchOuting } from "@/core/bench";
import { readMaterial, type Material } from "@/core/labels";
import { levelEverywhere } from "@/core/limits";
import { resistancesAt } from "@/core/simulation";
import type { Piece } from "@/core/pieces";
import { headShare, lookAt } from "@/core/trace";
import { plainNumber } from "@/formats/display/numbers";
import { STARTER_KITS } from "@/core/starter-kit";
import type { StarterPiece } from "@/core/starter-kit";
import { NumberField } from "../fields/number-field";
import { QuantityField } from "../fields/quantity-field";
import { OnceAlive } from "../page/once-alive";
import { guarded } from "../page/guarded";

// Beliefs that mislead, each with a figure that moves: the same core as every sheet.

const clo = (material: Material): string => insulationText(readMaterial(material).insulationM2KPerW, 2);
const percent = (share: number): string => `${plainNumber(100 * share, 0)} %`;

function Grams() {
  const [grams, setGrams] = useState(200);
  const rows: readonly (readonly [string, Material])[] = [
    [m.aParkasQuiltedBatting, { kind: "garmentBatting", massGPerM2: grams, fibre: "loftyFine", quilted: true }],
    [m.aMittsBatting, { kind: "mittBatting", massGPerM2: grams }],
    [m.aGlovesBatting, { kind: "gloveBatting", massGPerM2: grams }],
    [m.aBootsBatting, { kind: "bootBatting", massGPerM2: grams }],
    [m.aFleece, { kind: "fleece", massGPerM2: grams }],
    [m.aKnit, { kind: "knit", massGPerM2: grams }],
  ];
  return (
    <section aria-label={m.gramsCompareAndAddUpTitle}>
      <h3 className="text-lg font-semibold">{m.gramsCompareAndAddUp2}</h3>
      <p>{m.theyAreGramsOfOneSquare}</p>
      <QuantityField label={m.printed} quantity="areal" value={grams} range={[20, 1200]} onChange={setGrams} />
      <ul aria-live="polite">
        {rows.map(([name, material]) => (
          <li key={name}>
            {name}: <strong>{clo(material)}</strong>
          </li>
        ))}
      </ul>
    </section>
  );
}

function FillPower() {
  const [fillPowerIn3PerOz, setFillPower] = useState(800);
  const [fillG, setFillG] = useState(90);
  const [panelAreaM2, setArea] = useState(0.8);
  const one = { kind: "down", fillPowerIn3PerOz, fillG, panelAreaM2 } as const;
  return (
    <section aria-label={m.fillPowerAloneRanks}>
      <h3 className="text-lg font-semibold">{m.fillPowerAloneRanks2}</h3>
      <p>{m.weightOfTheFillAndThe}</p>
      <div className="flex flex-wrap gap-4">
        <NumberField
          label={m.fillPowerTitle}
          unit={m.inOz}
          value={fillPowerIn3PerOz}
          low={300}
          high={1000}
          step={50}
          decimals={0}
          onChange={setFillPower}
        />
        <QuantityField label={m.fill} quantity="smallMass" value={fillG} range={[20, 600]} onChange={setFillG} />
        <NumberField
          label={m.overTitle}
          unit="m²"
          value={panelAreaM2}
          low={0.1}
          high={3}
          step={0.1}
          decimals={1}
          onChange={setArea}
        />
      </div>
      <p aria-live="polite">
        {m.thatIsTitle} <strong>{clo(one)}</strong>
        {m.fillWithHalfAsMuch} <strong>{clo({ ...one, fillPowerIn3PerOz: 550, fillG: fillG * 1.5 })}</strong>.
      </p>
    </section>
  );
}

const PERSON = {
  body: { heightM: 1.75, massKg: 74, fatPercent: 22, ageYears: 40, sex: "male" },
  accepted: levelEverywhere("cold"),
} as const;
const LOOKED_AT_MINUTE = 60;

/** A hood is down where the head is bare. */
const hoodDown = ({ label, ...piece }: Piece): Piece => ({
  ...piece,
  label: label.kind === "panels" ? { ...label, panels: label.panels.filter(({ part }) => part !== "hood") } : label,
});

const asPiece = ({ name, kind, label, fingersTogether = false, traits }: StarterPiece): Piece => ({
  ...traits,
  id: name,
  name,
  kind,
  label,
  fingersTogether,
});

/** The middle starter kit, dressed for a sit, with or without what the head wears. */
function sitIn(airTemperatureC: number, withHead: boolean) {
  const pieces = STARTER_KITS.middle.pieces
    .map(asPiece)
    .map((piece) => (withHead ? piece : hoodDown(piece)))
    .filter(({ kind }) => kind !== "pad" && (withHead || (kind !== "headwear" && kind !== "neckwear")));
  const setting = {
    person: PERSON,
    dress: { pieces: [], wearings: [] },
    airTemperatureC,
    windAtSeatMPerS: 1,
    ground: "wood",
    posture: "sitting",
    hours: 2,
  } as const;
  return benchOuting(setting, pieces);
}

function Head() {
  const [airC, setAirC] = useState(-5);
  const [covered, bare] = useMemo(
    () => [true, false].map((withHead) => headShare(lookAt(sitIn(airC, withHead), LOOKED_AT_MINUTE))),
    [airC],
  );
  return (
    <section aria-label={m.mostHeatLeavesThroughTheHeadTitle}>
      <h3 className="text-lg font-semibold">{m.upToNineTenthsOfThe}</h3>
      <p>
        {m.theHeadHas} {percent(bare!.ofSkin)} {m.ofTheSkinItDoesNot}
      </p>
      <QuantityField label={m.air} quantity="temperature" value={airC} range={[-30, 15]} onChange={setAirC} />
      <p aria-live="polite">
        {m.afterAnHourOfSittingThe} <strong>{percent(covered!.ofLoss)}</strong> {m.ofTheDryLossCovered}{" "}
        <strong>{percent(bare!.ofLoss)}</strong> {m.bare2}
      </p>
    </section>
  );
}

const LINED_CLASS_G = 200;

function Foil() {
  const of = (lined: boolean): string => {
    const batting: Material = { kind: "garmentBatting", massGPerM2: LINED_CLASS_G, fibre: "loftyFine", quilted: true };
    const foil: Material = { kind: "solid", substance: "foil", thicknessMm: 0.1 };
    const label = {
      kind: "panels",
      panels: [{ patches: ["chest"], materials: lined ? [batting, foil] : [batting] }],
      assembly: "none",
      face: "membrane",
      fit: "regular",
      wear: "new",
    } as const;
    const piece: Piece = { id: "lined", name: m.lined, kind: "garment", label, fingersTogether: false };
    const outing = benchOuting(
      {
        person: PERSON,
        dress: { pieces: [], wearings: [] },
        airTemperatureC: -10,
        windAtSeatMPerS: 1,
        ground: "wood",
        posture: "sitting",
        hours: 1,
      },
      [piece],
    );
    return insulationText(resistancesAt(outing, 0).chest!, 2);
  };
  return (
    <section aria-label={m.aLiningSendsTheHeatBack}>
      <h3 className="text-lg font-semibold">{m.aShiningLiningSendsTheHeat}</h3>
      <p>
        {m.thereIsNoAgreedFigureSo} {quantityText("areal", LINED_CLASS_G)} {m.ofBattingReads}{" "}
        <strong>{of(false)}</strong> {m.atTheChestSkinToAir} <strong>{of(true)}</strong> {m.withAFoilInItA}
      </p>
    </section>
  );
}

/** Beliefs corrected, each beside a small figure that can be moved. */
function Beliefs() {
  return (
    <div className="flex max-w-3xl flex-col gap-5">
      <OnceAlive>
        <Grams />
        <FillPower />
        <Head />
        <Foil />
      </OnceAlive>
    </div>
  );
}

export default guarded(Beliefs);

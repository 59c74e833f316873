import { SEGMENT_COUNT, SEGMENT_INDEX, SEGMENT_NODES, type Body, type SkinExchange } from "../../body";
import {
  BREATHED_SHARE,
  CELLS_PER_PIECE,
  createWetting,
  driesFromOneSideGPerM2H,
  HUNG_SIDES,
  restingShare,
  ClothingMoisture,
  writeWetting,
  type Breathed,
  type WaterPlan,
  type WaterState,
  type WetSkin,
} from "../../water";
import { SITE_INDEX, SITES } from "../../patches";
import { SECONDS_PER_HOUR, SECONDS_PER_MINUTE } from "../../units";
import type { Conditions } from "../conditions";
import { restsOnSeat } from "./contact";
import type { OutingExchange } from "../outing-exchange";

/** In the water until one is out, s; its temperature under ice, °C; wet clothes against water, m²·K/W (assumptions). */
export const IN_WATER = { seconds: 180, waterC: 1, wornM2KPerW: 0.06 } as const;
/** Who falls in and climbs out keeps the head above water. */
const KEPT_DRY = new Set([SEGMENT_INDEX.head, SEGMENT_INDEX.neck]);

const HEAD = SEGMENT_INDEX.head;
const HEAD_SKIN = SEGMENT_NODES[HEAD]!.skin;
const FACE = SITE_INDEX.face!;
/** Share of the head's skin that breath reaches. */
const BREATHED_OF_HEAD = SITES[FACE]!.share * BREATHED_SHARE;
/** However thin, a cloth has two sides, m²·K/W (assumption, so that no balance divides by nothing). */
const LEAST_COVER_M2K_PER_W = 5e-3;

/** What of each segment rests when it does. */
const RESTING_SITES: readonly (readonly [segment: number, site: number])[] = SITES.flatMap(
  ({ patch, segmentIndex }, site) =>
    ["back", "seat", "thighOnSeat", "knee"].includes(patch) ? [[segmentIndex, site] as const] : [],
);
const FREEZES_C = 0;

const curve = (): Float64Array => new Float64Array(SEGMENT_COUNT);

/** The water in a sitter's clothes, kept beside body and exchange; buffers of one sitter, filled without allocating. */
export class WetClothes {
  readonly moisture: ClothingMoisture;
  private readonly wetting = createWetting();
  private readonly melts = new Uint8Array(SEGMENT_COUNT);
  private worn: WaterPlan | null = null;
  private readonly breathed: Breathed = {
    moistW: 0,
    dryW: 0,
    breathedM2: 0,
    skinC: 0,
    operativeC: 0,
    clothingM2KPerW: 0,
    airM2KPerW: 0,
    airVapourM2KPaPerW: 0,
    vapourPressureKPa: 0,
  };
  private readonly skinSaturatedKPa = curve();
  private readonly vapourM2KPaPerW = curve();
  private readonly evaporatesWPerM2 = curve();
  private readonly dripsWPerM2 = curve();

  /**
   * @param cells pieces on segments that may hold water
   * @param wetCells share of its own mass of water in each at the start
   */
  constructor(
    cells: number,
    private wetCells: Float64Array | null,
  ) {
    this.moisture = new ClothingMoisture(cells);
  }

  /** Charges the skin with the heat that water in the clothes sets free or takes, as it was in the last minute. */
  chargeBody(body: Body, stepS: number): void {
    const { skinAreaM2 } = body.parameters;
    const { state } = this.moisture;
    const inWater = Math.min(1, state.inWaterS / stepS);
    state.inWaterS = Math.max(0, state.inWaterS - stepS);
    for (let segment = 0; segment < SEGMENT_COUNT; segment++) {
      const toWater =
        inWater > 0 && !KEPT_DRY.has(segment) ? (body.now.skinC[segment]! - IN_WATER.waterC) / IN_WATER.wornM2KPerW : 0;
      const heat = this.moisture.schedule.heatAheadWPerM2(segment, stepS) - toWater * inWater;
      if (heat !== 0) body.addHeat(SEGMENT_NODES[segment]!.skin, heat * skinAreaM2[segment]!);
    }
    const { breathWPerM2 } = state;
    if (breathWPerM2 !== 0) body.addHeat(HEAD_SKIN, breathWPerM2 * BREATHED_OF_HEAD * skinAreaM2[HEAD]!);
  }

  /** Falls in and climbs out: what is worn is soaked, and for some minutes the skin meets water. */
  soak(): void {
    if (this.worn !== null) this.moisture.soak(this.worn);
    this.moisture.state.inWaterS = IN_WATER.seconds;
  }

  /** Before a step: what is worn in it may be other clothes, wet or dry. */
  wear({ water }: Conditions): void {
    if (water === this.worn) return;
    this.worn = water;
    if (water === null) return this.moisture.undressed();
    if (this.wetCells !== null) this.moisture.startWet(water, this.wetCells);
    this.wetCells = null;
    this.moisture.afterChange(water);
  }

  /** Lets a step of the body just made breathe through what covers the mouth; heat to the skin there, W/m². */
  breathe(
    body: Body,
    { vapourPressureKPa }: SkinExchange,
    exchange: OutingExchange,
    at: Conditions,
    stepS: number,
  ): number {
    const { moisture, breathed } = this;
    const plan = at.water?.breath ?? null;
    if (plan === null) return (moisture.state.breathWPerM2 = 0);
    const { last, past, temperatureC } = body;
    breathed.moistW = last.breathingMoistW;
    breathed.dryW = last.breathingDryW;
    breathed.breathedM2 = BREATHED_OF_HEAD * body.parameters.skinAreaM2[HEAD]!;
    breathed.skinC = (past.temperatureC[HEAD_SKIN]! + temperatureC[HEAD_SKIN]!) / 2;
    breathed.operativeC = exchange.operativeC[HEAD]!;
    breathed.airM2KPerW = exchange.airM2KPerW[HEAD]!;
    breathed.clothingM2KPerW = Math.max(LEAST_COVER_M2K_PER_W, exchange.sitesM2KPerW[FACE]! - breathed.airM2KPerW);
    breathed.airVapourM2KPaPerW = exchange.airVapourM2KPaPerW[HEAD]!;
    breathed.vapourPressureKPa = vapourPressureKPa[HEAD]!;
    return (moisture.state.breathWPerM2 = moisture.breathe(plan, breathed, stepS));
  }

  /** Lets a step of the body just made pass over the clothes. */
  pass(body: Body, skinExchange: SkinExchange, exchange: OutingExchange, at: Conditions, stepS: number): void {
    const { moisture } = this;
    if (at.water === null) return;
    moisture.schedule.meetsFromOutside(at.wetting !== null);
    if (!moisture.schedule.isDueAfter(stepS)) return;
    const isWetted =
      at.wetting !== null && writeWetting(this.wetting, at.wetting, this.meltingUnder(body, exchange, at));
    moisture.move(at.water, isWetted ? this.wetting : null, this.skinOf(body, skinExchange, exchange));
  }

  /** Where a person is warm enough through what is worn to melt the snow they rest on. */
  private meltingUnder(body: Body, { sitesM2KPerW }: OutingExchange, at: Conditions): Uint8Array {
    const { melts } = this;
    melts.fill(0);
    const snowM2KPerW = at.wetting?.snowUnderM2KPerW ?? null;
    if (snowM2KPerW === null) return melts;
    for (const [segment, site] of RESTING_SITES) {
      if (restingShare(segment, at.posture) === 0) continue;
      const underC = restsOnSeat(segment, at.posture) ? at.seatTemperatureC : at.groundTemperatureC;
      const contactC = underC + ((body.now.skinC[segment]! - underC) * snowM2KPerW) / sitesM2KPerW[site]!;
      melts[segment] = contactC > FREEZES_C ? 1 : 0;
    }
    return melts;
  }

  /** Another doing or other clothes than before. */
  resetHistory(): void {
    this.moisture.schedule.resetHistory();
  }

  /**
   * Dries what hung from both sides, in the air in which it is put on again (assumption).
   * @param firstCell of the piece
   */
  dryHung(firstCell: number, minutes: number, { airTemperatureC, relativeHumidityPercent }: Conditions): void {
    const gPerM2H = HUNG_SIDES * driesFromOneSideGPerM2H(airTemperatureC, relativeHumidityPercent);
    this.moisture.dryOff(firstCell, CELLS_PER_PIECE, (gPerM2H * minutes * SECONDS_PER_MINUTE) / SECONDS_PER_HOUR);
  }

  /** Water in what is worn on a segment, g/m². */
  heldGPerM2(segment: number): number {
    return this.worn === null ? 0 : this.moisture.heldGPerM2(this.worn, segment);
  }

  /** Water that breath left in the cloth over the mouth, g/m². */
  heldOverMouthGPerM2(): number {
    const cell = this.worn?.breath?.cell;
    return cell === undefined ? 0 : this.moisture.state.waterGPerM2[cell]!;
  }

  restore(state: WaterState): void {
    this.moisture.state.copy(state);
    this.moisture.version++;
  }

  private skinOf(body: Body, skinExchange: SkinExchange, exchange: OutingExchange): WetSkin {
    const { skinAreaM2 } = body.parameters;
    const { heatW, wettedness, dripsW } = body.vapour;
    const { vapourConductanceWPerKPa, vapourPressureKPa } = skinExchange;
    for (let segment = 0; segment < SEGMENT_COUNT; segment++) {
      const areaM2 = skinAreaM2[segment]!;
      const conductance = vapourConductanceWPerKPa[segment]!;
      this.vapourM2KPaPerW[segment] = areaM2 / conductance;
      this.skinSaturatedKPa[segment] =
        vapourPressureKPa[segment]! + heatW[segment]! / (wettedness[segment]! * conductance);
      this.evaporatesWPerM2[segment] = heatW[segment]! / areaM2;
      this.dripsWPerM2[segment] = dripsW[segment]! / areaM2;
    }
    const { skinSaturatedKPa, vapourM2KPaPerW, evaporatesWPerM2, dripsWPerM2 } = this;
    return {
      skinC: body.now.skinC,
      operativeC: exchange.operativeC,
      clothingM2KPerW: exchange.clothingM2KPerW,
      airM2KPerW: exchange.airM2KPerW,
      airVapourM2KPaPerW: exchange.airVapourM2KPaPerW,
      vapourPressureKPa,
      wettedness,
      skinSaturatedKPa,
      vapourM2KPaPerW,
      evaporatesWPerM2,
      dripsWPerM2,
    };
  }
}

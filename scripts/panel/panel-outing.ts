import { EFFORT_CLASS } from "@/core/effort";
import { usualLevels, type Outing, type Phase, type Wearing } from "@/core/outing";
import { usualWearing } from "@/core/dressing";
import type { Piece } from "@/core/pieces";
import { USUAL_START, type SitterPosture } from "@/core/sitter";
import { windShareAtSeat } from "@/core/weather";
import type { Panel, PanelCase } from "./panel-file";
import { panelPiece } from "./pieces";

const SIT_MINUTES = 240;
const WALK_SPEED_M_PER_S = 1;
const HUMIDITY_PERCENT = 80;

const STILL: Readonly<Record<SitterPosture, keyof typeof EFFORT_CLASS>> = {
  standing: "standingStill",
  sitting: "sittingStill",
  kneeling: "kneelingStill",
  lying: "lyingStill",
};

type Span = { readonly piece: Piece; readonly fromMinute: number; readonly toMinute: number };

/** Pieces of walk and sit with their spans; what is worn in both is worn through. */
function spansOf(panel: Panel, own: PanelCase): Span[] {
  const kit = panel.kits[own.kit];
  if (!kit) throw new Error(`the panel names the kit "${own.kit}", which it does not describe`);
  const end = own.walkMinutes + SIT_MINUTES;
  const without = (names: readonly string[]): string[] => names.filter((name) => !own.drop.includes(name));
  const sit = [...without(kit.sit), ...own.add, own.boot];
  const added = own.add.filter((name) => !usualWearing(panelPiece(name)).isForTheSit);
  const walk = own.walkInFullDress ? sit : [...without(kit.walk), ...added, own.boot];
  return [...new Set([...walk, ...sit])].flatMap((name): Span[] => {
    const fromMinute = walk.includes(name) ? 0 : own.walkMinutes;
    const toMinute = sit.includes(name) ? end : own.walkMinutes;
    return toMinute > fromMinute ? [{ piece: panelPiece(name), fromMinute, toMinute }] : [];
  });
}

/** An outing of a case: walk in, then four hours of sitting in the seat's wind. */
export function panelOuting(panel: Panel, own: PanelCase): Outing {
  const body = panel.people[own.person];
  if (!body) throw new Error(`the panel names "${own.person}", whom it does not describe`);
  const still = EFFORT_CLASS[STILL[own.posture]].activityRatio;
  const sit: Phase = {
    kind: "sit",
    minutes: SIT_MINUTES,
    posture: own.posture,
    activityRatio: still,
    walkSpeedMPerS: 0,
  };
  const walk: Phase = {
    kind: "walkIn",
    minutes: own.walkMinutes,
    posture: "standing",
    activityRatio: own.walkRatio,
    walkSpeedMPerS: WALK_SPEED_M_PER_S,
  };
  const spans = spansOf(panel, own);
  // The panel asks for the cold level of everybody, children too.
  const accepted = { ...usualLevels({ ageYears: 40, massKg: 80 }) };
  return {
    person: { body, accepted, coldHands: own.coldHands },
    place: {
      shelter: "openIce",
      seatHeightM: 0,
      ground: own.ground,
      seat: own.seat,
      latitudeDeg: own.latitudeDeg,
      longitudeDeg: own.latitudeDeg === undefined ? undefined : 0,
    },
    start: USUAL_START,
    startsAtMs: own.startsAt === undefined ? undefined : Date.parse(own.startsAt),
    weather: [
      {
        minute: 0,
        airTemperatureC: own.airC,
        windMPerS: own.windAtSeatMPerS / windShareAtSeat("openIce", 0),
        relativeHumidityPercent: HUMIDITY_PERCENT,
        radiantTemperatureC: null,
        cloudShare: own.cloudShare,
      },
      {
        minute: own.walkMinutes + SIT_MINUTES,
        airTemperatureC: own.airC,
        windMPerS: own.windAtSeatMPerS / windShareAtSeat("openIce", 0),
        relativeHumidityPercent: HUMIDITY_PERCENT,
        radiantTemperatureC: null,
        cloudShare: own.cloudShare,
      },
    ],
    phases: own.walkMinutes > 0 ? [walk, sit] : [sit],
    pieces: spans.map(({ piece }) => piece),
    wearings: spans.map(({ piece, fromMinute, toMinute }): Wearing => ({
      pieceId: piece.id,
      side: "both",
      rank: usualWearing(piece).rank,
      fromMinute,
      toMinute,
    })),
    storedStartC: own.storedStartC,
  };
}

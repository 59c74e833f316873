import * as m from "@/messages";
import type { Label } from "../labels";
import { LEAK_POINTS, type LeakPoint, type Patch } from "../patches";
import { Surroundings } from "../simulation";
import { MINUTES_PER_HOUR } from "../units";
import { type Outing, type Phase, type Recurring, totalMinutes } from "../outing";
import type { Piece } from "../pieces";
import type { Change, ChangeKind } from "./change";

/** A pad nobody is without: 15 mm of closed-cell foam (generic, assumption). */
export const PAD_MM = 15;
const PAD_MASS_G = 90;
const PAD_RANK = 99;

const padLabel = (patches: readonly Patch[]): Label => ({
  kind: "panels",
  panels: [{ patches, materials: [{ kind: "solid", substance: "closedCellFoam", thicknessMm: PAD_MM }] }],
  assembly: "none",
  face: "coated",
  fit: "close",
  wear: "new",
});
const PADS: readonly {
  readonly kind: ChangeKind;
  readonly postures: readonly Phase["posture"][];
  readonly piece: Piece;
}[] = (
  [
    ["seatPad", ["sitting", "lying"], ["seat", "thighOnSeat"]],
    ["solePad", ["standing", "sitting"], ["sole"]],
    ["kneePad", ["kneeling"], ["knee"]],
  ] as const
).map(([kind, postures, patches]) => ({
  kind,
  postures,
  piece: {
    id: `generic ${kind}`,
    name: m.mmFoamPad,
    kind: "pad",
    label: padLabel(patches),
    fingersTogether: false,
    massG: PAD_MASS_G,
  },
}));

/** Pads for the postures of an outing's sits. */
export const genericPads = ({ phases }: Pick<Outing, "phases">): Piece[] =>
  PADS.filter(({ postures }) => phases.some(({ kind, posture }) => kind === "sit" && postures.includes(posture))).map(
    ({ piece }) => piece,
  );

function addPad(outing: Outing, kind: ChangeKind, piece: Piece): Change {
  return {
    id: kind,
    kind,
    pieceIds: [piece.id],
    addedMassG: PAD_MASS_G,
    apply: (plan) => ({
      ...plan,
      pieces: [...plan.pieces, piece],
      wearings: [
        ...plan.wearings,
        { pieceId: piece.id, side: "both", rank: PAD_RANK, fromMinute: 0, toMinute: totalMinutes(outing.phases) },
      ],
    }),
  };
}

const WALK_MINUTES = 5;

/** Five minutes' walk every so many: at an easy pace near the seat. */
const walkEvery = (everyMinutes: number): Recurring => ({
  kind: "break",
  minutes: WALK_MINUTES,
  everyMinutes,
  firstAfterMinutes: everyMinutes - WALK_MINUTES,
  posture: "standing",
  activityRatio: 3,
  walkSpeedMPerS: 0.9,
});

const onSits = (plan: Outing, change: (phase: Phase) => Phase): Outing => ({
  ...plan,
  phases: plan.phases.map((phase) => (phase.kind === "sit" ? change(phase) : phase)),
});

/** A plan with a short walk every so many minutes of sitting. */
export const withWalks = (plan: Outing, everyMinutes: number): Outing =>
  onSits(plan, (phase) => ({ ...phase, recurring: [...(phase.recurring ?? []), walkEvery(everyMinutes)] }));

const simple = (kind: ChangeKind, apply: Change["apply"], id: string = kind): Change => ({
  id,
  kind,
  pieceIds: [],
  addedMassG: 0,
  apply,
});

/** Closes an opening: closures done up, and loose ends sealed by hand as well as they go. */
const closed = (plan: Outing, point: LeakPoint): Outing => ({
  ...plan,
  wearings: plan.wearings.map((wearing) => ({ ...wearing, opened: wearing.opened?.filter((own) => own !== point) })),
  pieces: plan.pieces.map((piece) => ({ ...piece, endsAt: piece.endsAt?.filter((own) => own !== point) })),
});

/** Points that are open at some minute of the plan. */
function openPoints(outing: Outing): readonly LeakPoint[] {
  const surroundings = new Surroundings(outing);
  const changes = [0, ...outing.wearings.flatMap(({ fromMinute, toMinute }) => [fromMinute, toMinute])];
  const open = new Set(changes.flatMap((minute) => surroundings.dressAt(minute, 0).leaks));
  return LEAK_POINTS.filter((point) => open.has(point));
}

/** What of a plan could be done otherwise without other clothes. */
export function sittingChanges(outing: Outing): Change[] {
  const sits = outing.phases.filter(({ kind }) => kind === "sit");
  const stands = sits.some(({ posture }) => posture === "standing");
  return [
    ...PADS.filter(({ postures }) => sits.some(({ posture }) => postures.includes(posture))).map(({ kind, piece }) =>
      addPad(outing, kind, piece),
    ),
    ...(stands
      ? [
          simple("sitDown", (plan) =>
            onSits(plan, (phase) => (phase.posture === "standing" ? { ...phase, posture: "sitting" } : phase)),
          ),
        ]
      : []),
    ...openPoints(outing).map((point) => simple("closeOpening", (plan) => closed(plan, point), `close ${point}`)),
    simple("walkEveryHour", (plan) => withWalks(plan, MINUTES_PER_HOUR)),
  ];
}

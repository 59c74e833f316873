import * as m from "@/messages";
import { useStore } from "@nanostores/react";
import { memo } from "react";
import { ledgerBars, type LedgerPart } from "@/charts/ledger-bars";
import { plainNumber } from "@/formats/display/numbers";
import { LEDGER_WORDS } from "@/formats/display/words/sheet-words";
import { $look } from "@/stores/answer/derived-results";

const WIDTH = 320;
const BAR = 20;
const GAP = 1.5;
const LEAST_FOR_FIGURE = 24;

const LOOK: Readonly<Record<string, string>> = {
  made: "fill-moss",
  shivering: "fill-rust",
  body: "fill-lichen",
  air: "fill-sea",
  sky: "fill-sea-light",
  ground: "fill-sea-deep",
  vapour: "fill-cloud",
  breath: "fill-muted",
  kept: "fill-moss",
};

function Parts({ parts, y }: { readonly parts: readonly LedgerPart[]; readonly y: number }) {
  return parts.map(({ key, watts, from, share }) => (
    <g key={key}>
      <rect
        x={from * WIDTH}
        y={y}
        width={Math.max(1, share * WIDTH - GAP)}
        height={BAR}
        className={LOOK[key] ?? "fill-accent"}
      />
      {share * WIDTH > LEAST_FOR_FIGURE && (
        <text
          x={from * WIDTH + (share * WIDTH) / 2}
          y={y + 14}
          textAnchor="middle"
          fontSize={12}
          fontWeight={600}
          className="fill-ground"
        >
          {plainNumber(watts, 0)}
        </text>
      )}
    </g>
  ));
}

const listed = (parts: readonly LedgerPart[]): string =>
  parts.map(({ key, watts }) => `${LEDGER_WORDS[key] ?? key} ${plainNumber(watts, 0)} W`).join(", ");

function Bars({ minute }: { readonly minute: number }) {
  const look = useStore($look);
  const bars = look && ledgerBars(look.ledger);
  return (
    <section aria-label={m.heatOfTheMinute} className="border-line border-t pt-3">
      <h2 className="text-lg font-semibold">{m.heatOfThisMinute}</h2>
      {!bars && <p className="text-muted text-sm">{minute < 1 ? m.theOutingHasNotBegun : m.lookingAtTheMinute}</p>}
      {bars && (
        <>
          <p className="text-muted mt-1 text-sm">
            {m.fromTitle} {listed(bars.gains)}
          </p>
          <svg viewBox={`0 0 ${WIDTH} ${2 * BAR + 4}`} aria-hidden="true" className="my-1 block w-full">
            <Parts parts={bars.gains} y={0} />
            <Parts parts={bars.losses} y={BAR + 4} />
          </svg>
          <p className="text-muted text-sm">
            {m.toTitle} {listed(bars.losses)}
          </p>
        </>
      )}
    </section>
  );
}

/** Where heat comes from and goes to in the minute read out: two bars of one length. */
export const Ledger = memo(Bars);

import { Dialog } from "../page/dialog";

type Props = { readonly isOpen: boolean; readonly onClose: () => void };

const MOUSE: readonly (readonly [string, string])[] = [
  [
    "Weather",
    "Drag an hour's point up or down for the air, its thick or thin mark for the wind. Press it for all figures.",
  ],
  ["Phases", "Drag the edge between two. Press one to split it, to add a task, a break or another sit."],
  ["Clothes", "Drag a bar by its ends to put it on or take it off, by its middle to move it. Press it for the rest."],
  [
    "Any minute",
    "Drag over the curves. The sitter, the heat and the figures follow. Play runs the day in ten seconds.",
  ],
  ["What buys minutes", "Try draws the change beside the plan; Keep makes it."],
];
const KEYS: readonly (readonly [string, string])[] = [
  ["Tab", "from part to part; Enter opens the figures of one"],
  ["↑ ↓", "on an hour: the air; with Shift the wind"],
  ["← →", "on a phase: its length; on a piece: when it goes on; with Shift when it comes off; with Alt both"],
  ["Delete", "on a piece: leave it off"],
  ["← → PgUp PgDn", "on the knob under the curves: the minute looked at"],
  ["Ctrl+Z, Ctrl+Shift+Z", "take back, do again"],
];

/** Short help: how the sheet is worked, by hand and by keys. */
export function Help({ isOpen, onClose }: Props) {
  return (
    <Dialog title="How the sheet works" isOpen={isOpen} onClose={onClose}>
      <dl className="flex flex-col gap-2 text-sm">
        {MOUSE.map(([what, how]) => (
          <div key={what}>
            <dt className="font-semibold">{what}</dt>
            <dd className="text-muted">{how}</dd>
          </div>
        ))}
      </dl>
      <p className="pt-3 text-sm">
        What the words mean:{" "}
        <a className="underline" href="/glossary">
          all of them on a page
        </a>
        , and beside each that is underlined with dots.
      </p>
      <h3 className="border-line mt-4 border-t pt-3 font-semibold">By keys</h3>
      <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1 text-sm">
        {KEYS.map(([keys, does]) => (
          <div key={keys} className="contents">
            <dt className="font-semibold">{keys}</dt>
            <dd className="text-muted">{does}</dd>
          </div>
        ))}
      </dl>
      <p className="text-muted mt-4 text-sm">
        A drag snaps to 5 minutes or half a degree; with Shift or Alt held it goes finer. Everything is saved as you go.
      </p>
    </Dialog>
  );
}

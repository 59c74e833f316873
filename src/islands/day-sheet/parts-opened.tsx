import * as m from "@/messages";
import { useState } from "react";
import type { OutingResult } from "@/core/simulation";
import type { Preferences } from "@/formats/display/preferences";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { askWhy } from "@/stores/answer/derived-results";
import { Dialog } from "../page/dialog";
import { late } from "../page/late";
import type { Device } from "./answer/skin-glass-batteries";
import type { Levers } from "./answer/when-it-goes-wrong";
import { Folded } from "./folded";

// Parts of the sheet that are fetched when they are first opened: a sheet that is only looked at needs none of them.

const LateBeliefs = late(() => import("./answer/beliefs").then(({ Beliefs: part }) => part));
const LatePractices = late(() => import("./clothes/practices").then(({ Practices: part }) => part));
const LateAvoided = late(() => import("./clothes/avoided").then(({ AvoidedMaterials: part }) => part));
const LateSkin = late(() => import("./answer/skin-glass-batteries").then(({ SkinGlassBatteries: part }) => part));
const LateWrong = late(() => import("./answer/when-it-goes-wrong").then(({ WhenItGoesWrong: part }) => part));
const LateWhy = late(() => import("./answer/why-panel").then(({ Why: part }) => part));

type OfView = { readonly view: OutingView };
type AtMinute = OfView & { readonly minute: number; readonly preferences: Preferences };

export const Beliefs = ({ view }: OfView) => (
  <Folded title={m.beliefsLookedAtHere}>
    <LateBeliefs view={view} />
  </Folded>
);

export const Practices = ({ view }: OfView) => (
  <Folded title={m.howOthersWouldDoIt}>
    <LatePractices view={view} />
  </Folded>
);

export function AvoidedMaterials({ view, result }: OfView & { readonly result: OutingResult }) {
  const { avoids, heatDebtEnds = false } = view.person.practicePreferences;
  return (
    <Folded title={m.whatAvoidsAndGoesBy({ name: view.person.name })} isOpenAtFirst={avoids.length > 0 || heatDebtEnds}>
      <LateAvoided view={view} result={result} />
    </Folded>
  );
}

export function WhenItGoesWrong(props: AtMinute) {
  const [levers, setLevers] = useState<Levers | null>(null);
  return (
    <Folded title={m.whenItGoesWrong}>
      <LateWrong {...props} levers={levers} onLevers={setLevers} />
    </Folded>
  );
}

export function SkinGlassBatteries({ result, ...props }: AtMinute & { readonly result: OutingResult }) {
  const [device, setDevice] = useState<Device | null>(null);
  const { airTemperatureC, minutes } = result.series;
  return (
    <Folded title={m.skinOnMetalGlassBatteries}>
      <LateSkin
        {...props}
        airTemperatureC={airTemperatureC[Math.min(props.minute, minutes)]!}
        device={device}
        onDevice={setDevice}
      />
    </Folded>
  );
}

/** Why this number, step by step, behind a button. */
export function WhyPanel({ preferences }: { readonly preferences: Preferences }) {
  const [isOpen, setOpen] = useState(false);
  const open = (): void => {
    setOpen(true);
    void askWhy();
  };
  return (
    <>
      <button type="button" className="press press-small" onClick={open}>
        {m.whyThisNumber}
      </button>
      <Dialog title={m.whyThisNumber} isOpen={isOpen} onClose={() => setOpen(false)}>
        <LateWhy preferences={preferences} />
      </Dialog>
    </>
  );
}

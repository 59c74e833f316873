import type { OutingView } from "@/formats/wire/outing-view";

/** The usual cautions, always on the sheet. */
export function Cautions({ view }: { readonly view: OutingView }) {
  return (
    <section aria-label="Cautions" className="border-line text-muted border-t pt-3 text-sm">
      <p>
        An estimate for planning, not a promise. Go in at once when skin turns white or numb, when shivering cannot be
        stopped or hands grow clumsy: a cold head judges badly, so fix the time to leave beforehand.
      </p>
      {view.setting.ground === "ice" && (
        <p className="mt-2">
          Ice: this program does not judge whether it carries. Measure it, go by local rules, keep dry spare clothes and
          claws at hand.
        </p>
      )}
      {view.setting.seatHeightM > 0 && (
        <p className="mt-2">Raised seat: harness on and tied from the ground up; follow the rules of its maker.</p>
      )}
      <p className="mt-2">Never burn anything in a closed hide, and keep heat packs off bare skin.</p>
    </section>
  );
}

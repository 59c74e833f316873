import * as m from "@/messages";
import type { FieldCard } from "../wire/evening/field-card";
import { EMERGENCY_WORDS } from "../display/words/card-words";
import { cardParts } from "./card-parts";

const ESCAPED: Readonly<Record<string, string>> = {
  "&": "&amp;",
  "<": "&lt;",
  ">": "&gt;",
  '"': "&quot;",
  "'": "&#39;",
};
const escaped = (text: string): string => text.replace(/[&<>"']/g, (sign) => ESCAPED[sign]!);

/** Large, dark on light, light on dark: read at arm's length in the dark. */
const STYLE = `
:root { color-scheme: light dark; font: 20px/1.35 system-ui, sans-serif; }
body { margin: 0 auto; max-width: 40rem; padding: 1rem; background: #fff; color: #111; }
h1 { font-size: 1.4rem; } h2 { font-size: 1.1rem; border-bottom: 2px solid; }
.turn { border: 4px solid; padding: .6rem; text-align: center; font-size: 1.7rem; font-weight: 700; }
.turn small { display: block; font-size: 1rem; font-weight: 400; }
.stay { border-left: 6px solid #b3123c; padding-left: .6rem; font-weight: 700; }
@media (prefers-color-scheme: dark) { body { background: #000; color: #e8e6e0; } }
`;

const list = (items: readonly string[], kind: "ul" | "ol" = "ul"): string =>
  `<${kind}>${items.map((item) => `<li>${escaped(item)}</li>`).join("")}</${kind}>`;
const section = (title: string, body: string): string => `<section><h2>${escaped(title)}</h2>${body}</section>`;

/** A card as one file that needs nothing else: no network, no program but what reads web pages. */
export function cardFile(card: FieldCard): string {
  const { name, who, stay, turnBack, watchFrom, ends, moments, dressing, signs, place, leftWith } = cardParts(card);
  return `<!doctype html>
<html lang="${m.language}">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>${escaped(m.fieldCardOf({ name }))}</title>
<style>${STYLE}</style>
</head>
<body>
<h1>${escaped(name)}</h1>
<p>${escaped(who)}</p>
${stay ? `<p class="stay">${escaped(stay)}</p>` : ""}
<p class="turn">${escaped(m.turnBackAt({ clock: turnBack }))}${watchFrom ? ` <small>${escaped(m.lookAtYourselfFromClock({ clock: watchFrom }))}</small>` : ""}</p>
<p><strong>${escaped(m.whatEndsItFull)}</strong> ${escaped(ends)} ${escaped(m.anEstimateWhatYouFeel)}</p>
${section(m.signsToWatch, list(signs))}
${dressing.map(({ title, steps }) => section(title, list(steps, "ol"))).join("\n")}
${section(m.byTheClock, list(moments))}
${section(m.emergency, list([m.localEmergencyNumber, ...EMERGENCY_WORDS, ...(place ? [m.place({ place })] : []), ...(leftWith ? [leftWith] : [])]))}
</body>
</html>
`;
}

import * as m from "@/messages";
import { buildStack } from "../clothing";
import { readLabel, type PatchReading } from "../labels";
import type { Moment } from "../simulation";
import type { Outing } from "../outing";
import { LEAKS_INTO, SITES } from "../patches";
import type { PieceTrace, StackTrace } from "./trace";

const STACK_SOURCE = m.cylinderAndSphereInLayersWind;
const CONTACT_SOURCE = m.layersUnderLoadAndWhatLies;
const EXPLICIT_SOURCE = m.givenAsItIs;
const LABEL_SOURCE = m.labelReadingsDocsMethodMd3;

/** Pieces over a site at a moment, from the skin out: those whose layers lie there. */
function piecesOver(outing: Outing, { dress }: Moment, site: number, touches: boolean): PieceTrace[] {
  const { patch } = SITES[site]!;
  const lying = (touches ? dress.contactLayers : dress.layers)[site]!.map(({ layer }) => layer);
  const order = (reading: PatchReading): number => lying.findIndex((layer) => reading.layers.includes(layer));
  return outing.pieces
    .flatMap((piece) => readLabel(piece.label).map((reading) => ({ piece, reading })))
    .filter(({ reading }) => reading.patch === patch && order(reading) >= 0)
    .sort((one, other) => order(one.reading) - order(other.reading))
    .map(({ piece, reading }) => ({
      pieceId: piece.id,
      name: piece.name,
      patch,
      insulationM2KPerW: reading.insulationM2KPerW,
      spreadM2KPerW: reading.spreadM2KPerW,
      coverShare: reading.coverShare,
      materials: reading.materials,
      assemblyFactor: reading.assemblyFactor,
      loftKept: reading.loftKept,
      source: reading.materials.length > 0 ? LABEL_SOURCE : EXPLICIT_SOURCE,
    }));
}

/** What lies over a site at a moment, down to the labels. */
export function traceStack(outing: Outing, moment: Moment, site: number): StackTrace {
  const { patch, side, form } = SITES[site]!;
  const { sitter, at, dress } = moment;
  const leaks = dress.leaks.some((point) => LEAKS_INTO[point].includes(patch));
  const stack = buildStack(
    dress.layers[site]!.map(({ layer }) => layer),
    form,
    leaks,
  );
  const touches = !Number.isNaN(at.contactM2KPerW[site]!);
  return {
    patch,
    side,
    totalM2KPerW: sitter.exchange.sitesM2KPerW[site]!,
    stillM2KPerW: stack.stillM2KPerW,
    touches,
    leaks,
    overfillMm: stack.overfillMm,
    pieces: piecesOver(outing, moment, site, touches),
    source: touches ? CONTACT_SOURCE : STACK_SOURCE,
  };
}

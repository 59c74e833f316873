import * as m from "@/messages";
import QRCode from "qrcode";
import { cardFile } from "@/formats/card/card-file";
import { squareText } from "@/formats/card/card-square";
import type { FieldCard } from "@/formats/wire/evening/field-card";
import type { Database } from "@/db";
import { fieldCardOf } from "./field-card";

/** A card as one file. @throws {AppError} as of `fieldCardOf` */
export async function cardFileOf(
  from: Database,
  ownerId: string,
  outingId: string,
): Promise<{ name: string; text: string }> {
  const card = await fieldCardOf(from, ownerId, outingId);
  return { name: m.ofCard({ name: card.view.name }), text: cardFile(card) };
}

/** The plan as a square another telephone scans, SVG. */
export const squareOf = (card: FieldCard): Promise<string> =>
  QRCode.toString(squareText(card), { type: "svg", errorCorrectionLevel: "L", margin: 2 });

export { type StarterPieceKey, starterPiece, STARTER_PIECES, type StarterPiece } from "./starter-pieces";
export { STARTER_KITS, type StarterKitKey } from "./starter-kits";
export { QUICK_KEYS, quickPiece, type QuickKey, type QuickPiece } from "./quick";
export { KEYS_WITH_TRAITS } from "./starter-traits";
export { USUAL_MATERIALS } from "./usual-materials";

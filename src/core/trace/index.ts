export type { BodyFlows, DigitFlows, LimitTrace, PieceTrace, StackTrace, Trace } from "./trace";
export { traceVerdict } from "./trace-verdict";
export { lookAt, type HeatLedger, type MinuteLook, type SiteState } from "./ledger";
export { headShare, type HeadShare } from "./head-share";

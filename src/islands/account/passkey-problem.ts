import * as m from "@/messages";
import { WebAuthnError } from "@simplewebauthn/browser";
import { messageOf } from "@/stores/message-of";

/** Why a passkey was not made or used: what the browser says of it is meant for programmers. */
export const passkeyProblem = (error: unknown): string =>
  error instanceof WebAuthnError || (error instanceof Error && error.name === "NotAllowedError")
    ? m.passkeyCancelled
    : messageOf(error);

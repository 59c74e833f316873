import { z } from "zod";
import * as m from "@/messages";
import type { PasskeyAnswer, PasskeyLine } from "@/formats/wire/account-schema";
import { AppError } from "../app-error";
import { answered, type Asking } from "./accounts";

// Keys that a device or a telephone holds, instead of a password. The library makes and checks challenges; it asks no network.

type Answered = Awaited<ReturnType<typeof answered>>;

/** What a device is asked to make a key of. @throws {AppError} `not-signed-in` */
export const newPasskeyOptions = (asking: Asking): Promise<Answered> =>
  answered(asking, "/passkey/generate-register-options");

/** Keeps a key that a device made. @throws {AppError} `bad-input`, `not-signed-in` */
export const keepPasskey = (
  asking: Asking,
  { name, response }: { readonly name: string; readonly response: PasskeyAnswer },
): Promise<Answered> => answered(asking, "/passkey/verify-registration", { name, response });

/** What a device is asked to prove that it holds a key; whose is not said. */
export const signInOptions = (asking: Asking): Promise<Answered> =>
  answered(asking, "/passkey/generate-authenticate-options");

/** Signs in whoever holds a key. @throws {AppError} `wrong-password`, `bad-input`, `too-many-tries` */
export const signInByPasskey = (
  asking: Asking,
  { response }: { readonly response: PasskeyAnswer },
): Promise<Answered> => answered(asking, "/passkey/verify-authentication", { response });

const rowsSchema = z.array(
  z.object({ id: z.string(), name: z.string().nullish(), createdAt: z.coerce.date().nullish() }),
);

/** Keys of the account that asks. @throws {AppError} `not-signed-in` */
export async function passkeysOf(asking: Asking): Promise<PasskeyLine[]> {
  const { body } = await answered(asking, "/passkey/list-user-passkeys");
  return rowsSchema.parse(body).map(({ id, name, createdAt }) => ({
    id,
    name: name ?? "",
    createdAt: createdAt?.toISOString() ?? null,
  }));
}

/** @throws {AppError} `not-found`, `not-signed-in` */
export async function forgetPasskey(asking: Asking, id: string): Promise<void> {
  if (!(await passkeysOf(asking)).some((own) => own.id === id)) throw new AppError("not-found", m.passkeyNotKnown);
  await answered(asking, "/passkey/delete-passkey", { id });
}

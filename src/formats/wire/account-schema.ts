import { z } from "zod";

export const ACCOUNT_RANGE = { password: [10, 128], email: [3, 254], name: [1, 80], code: [6, 80] } as const;

const email = z.email().max(ACCOUNT_RANGE.email[1]).toLowerCase();
const password = z.string().min(1).max(ACCOUNT_RANGE.password[1]);
const newPassword = z.string().min(ACCOUNT_RANGE.password[0]).max(ACCOUNT_RANGE.password[1]);
const code = z.string().max(ACCOUNT_RANGE.code[1]);

export const signInSchema = z.strictObject({ email, password });
export const signUpSchema = z.strictObject({
  name: z.string().trim().min(ACCOUNT_RANGE.name[0]).max(ACCOUNT_RANGE.name[1]),
  email,
  password: newPassword,
  invitation: code.optional(),
});
export const forgottenSchema = z.strictObject({ email });
export const resetSchema = z.strictObject({ token: z.string().min(1).max(200), password: newPassword });
export const changedPasswordSchema = z.strictObject({ password, newPassword });
export const leaveSchema = z.strictObject({ password });
/** A press that says nothing more. */
export const nothingSchema = z.strictObject({});
export type SignUp = z.output<typeof signUpSchema>;

const MOST_PASSKEY_CHARACTERS = 20_000;
const passkeyText = z.string().max(MOST_PASSKEY_CHARACTERS);

/** What a device answers when a key is made or used, as the browser writes it; the library checks what is in it. */
const passkeyAnswerSchema = z.looseObject({
  id: passkeyText,
  rawId: passkeyText,
  type: z.literal("public-key"),
  response: z.record(z.string().max(40), z.unknown()),
});
export type PasskeyAnswer = z.output<typeof passkeyAnswerSchema>;

export const newPasskeySchema = z.strictObject({
  name: z.string().trim().min(ACCOUNT_RANGE.name[0]).max(ACCOUNT_RANGE.name[1]),
  response: passkeyAnswerSchema,
});
export const passkeySignInSchema = z.strictObject({ response: passkeyAnswerSchema });

export type PasskeyLine = { readonly id: string; readonly name: string; readonly createdAt: string | null };

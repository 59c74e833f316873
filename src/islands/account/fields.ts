import * as m from "@/messages";
import { ACCOUNT_RANGE } from "@/formats/wire/account-schema";
import type { AccountField } from "./account-form";

export const EMAIL: AccountField = {
  name: "email",
  label: m.email,
  type: "email",
  autoComplete: "username",
  maxLength: ACCOUNT_RANGE.email[1],
};

export const PASSWORD: AccountField = {
  name: "password",
  label: m.password,
  type: "password",
  autoComplete: "current-password",
  maxLength: ACCOUNT_RANGE.password[1],
};

/** @param name of the field that is sent */
export const newPassword = (name: string): AccountField => ({
  name,
  label: m.newPassword,
  type: "password",
  autoComplete: "new-password",
  minLength: ACCOUNT_RANGE.password[0],
  maxLength: ACCOUNT_RANGE.password[1],
});

export const NAME: AccountField = {
  name: "name",
  label: m.yourName,
  type: "text",
  autoComplete: "name",
  maxLength: ACCOUNT_RANGE.name[1],
};

export const INVITATION: AccountField = {
  name: "invitation",
  label: m.invitationCode,
  type: "text",
  autoComplete: "off",
  maxLength: ACCOUNT_RANGE.code[1],
};

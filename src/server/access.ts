import { AsyncLocalStorage } from "node:async_hooks";
import * as m from "@/messages";
import { AppError } from "./app-error";

/** At home there is one owner: whoever runs this server on their own machine. */
export const LOCAL_OWNER_ID = "01900000-0000-7000-8000-000000000001";

/** Whether people sign in, each to what is their own; else this is a server at home. */
export const isShared = (): boolean => process.env.UMIAK_SIGN_IN === "1";

/** Somebody who sees something of another account, and what they may. */
export type Guest = {
  readonly accountId: string;
  readonly shareId: string;
  /** Who shares it. */
  readonly ownerName: string;
  readonly mayEdit: boolean;
  readonly tellsPlace: boolean;
};

type Access = { readonly ownerId: string | null; readonly guest: Guest | null };

const current = new AsyncLocalStorage<Access>();

/**
 * Does work for an owner; `null`: for nobody, who may see nothing.
 * @param guest for whom something of this owner's is done: they see less of it
 */
export const asOwner = <Result>(ownerId: string | null, work: () => Result, guest: Guest | null = null): Result =>
  current.run({ ownerId, guest }, work);

/** For whom something of the owner's is being done; `null`: for the owner. */
export const currentGuest = (): Guest | null => current.getStore()?.guest ?? null;

/** Whose request is being answered. @throws {AppError} `not-signed-in` */
export function currentOwnerId(): string {
  const own = current.getStore()?.ownerId;
  if (own) return own;
  if (isShared()) throw new AppError("not-signed-in", m.signInFirst);
  return LOCAL_OWNER_ID;
}

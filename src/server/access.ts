import { AsyncLocalStorage } from "node:async_hooks";
import * as m from "@/messages";
import { AppError } from "./app-error";

/** At home there is one owner: whoever runs this server on their own machine. */
export const LOCAL_OWNER_ID = "01900000-0000-7000-8000-000000000001";

/** Whether people sign in, each to what is their own; else this is a server at home. */
export const isShared = (): boolean => process.env.UMIAK_SIGN_IN === "1";

const current = new AsyncLocalStorage<string | null>();

/** Does work for an owner; `null`: for nobody, who may see nothing. */
export const asOwner = <Result>(ownerId: string | null, work: () => Result): Result => current.run(ownerId, work);

/** Whose request is being answered. @throws {AppError} `not-signed-in` */
export function currentOwnerId(): string {
  const own = current.getStore();
  if (own) return own;
  if (isShared()) throw new AppError("not-signed-in", m.signInFirst);
  return LOCAL_OWNER_ID;
}

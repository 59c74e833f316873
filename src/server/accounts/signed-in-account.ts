import * as m from "@/messages";
import { AppError } from "../app-error";

/** The account a request comes from; at home there is none. @throws {AppError} `not-signed-in` */
export function signedIn({ account }: App.Locals): NonNullable<App.Locals["account"]> {
  if (!account) throw new AppError("not-signed-in", m.signInFirst);
  return account;
}

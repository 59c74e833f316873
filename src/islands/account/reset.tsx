import * as m from "@/messages";
import { guarded } from "../page/guarded";
import { OnceAlive } from "../page/once-alive";
import { AccountForm } from "./account-form";
import { newPassword } from "./fields";

/** A new password, by the link that was mailed. */
function Reset({ token }: { readonly token: string }) {
  return (
    <OnceAlive>
      <div className="flex flex-col gap-3 pt-5">
        <h1 className="text-2xl font-semibold">{m.resetTitle}</h1>
        <AccountForm
          fields={[newPassword("password")]}
          besides={{ token }}
          submit={m.resetVerb}
          url="/api/account/reset"
          done={m.resetDone}
        />
        <p>
          <a className="link" href="/sign-in">
            {m.signInTitle}
          </a>
        </p>
      </div>
    </OnceAlive>
  );
}

export default guarded(Reset);

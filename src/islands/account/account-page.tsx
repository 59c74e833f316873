import * as m from "@/messages";
import { guarded } from "../page/guarded";
import { OnceAlive } from "../page/once-alive";
import { AccountForm } from "./account-form";
import { newPassword, PASSWORD } from "./fields";
import { Passkeys } from "./passkeys";

type Props = { readonly name: string; readonly email: string };

const toSignIn = (): void => window.location.assign("/sign-in");

/** What somebody does with their account: leave for now or for good, change the password, take everything out. */
function AccountPage({ name, email }: Props) {
  return (
    <OnceAlive>
      <div className="flex flex-col gap-8 pt-5">
        <section aria-labelledby="account" className="flex flex-col gap-3">
          <h1 id="account" className="text-2xl font-semibold">
            {m.accountTitle}
          </h1>
          <p>{m.accountOf({ name, email })}</p>
          <div className="flex flex-wrap gap-3">
            <AccountForm fields={[]} submit={m.signOutVerb} url="/api/account/sign-out" onDone={toSignIn} />
            <AccountForm
              fields={[]}
              submit={m.signOutEverywhereVerb}
              url="/api/account/sign-out-everywhere"
              onDone={toSignIn}
            />
          </div>
        </section>
        <section aria-labelledby="password" className="flex flex-col gap-3">
          <h2 id="password" className="text-lg font-semibold">
            {m.changePasswordTitle}
          </h2>
          <AccountForm
            fields={[{ ...PASSWORD, label: m.presentPassword }, newPassword("newPassword")]}
            submit={m.changePasswordVerb}
            url="/api/account/password"
            done={m.passwordChanged}
          />
        </section>
        <Passkeys name={name} />
        <section aria-labelledby="demo" className="flex flex-col gap-3">
          <h2 id="demo" className="text-lg font-semibold">
            {m.demoTitle}
          </h2>
          <p>{m.demoSays}</p>
          <AccountForm
            fields={[]}
            submit={m.demoVerb}
            url="/api/account/demo"
            onDone={() => window.location.assign("/")}
          />
        </section>
        <section aria-labelledby="out" className="flex flex-col gap-3">
          <h2 id="out" className="text-lg font-semibold">
            {m.takeOutTitle}
          </h2>
          <p>{m.takeOutSays}</p>
          <p>
            <a className="press" href="/backup">
              {m.backup}
            </a>
          </p>
        </section>
        <section aria-labelledby="leave" className="border-cranberry flex flex-col gap-3 border-l-4 pl-3">
          <h2 id="leave" className="text-lg font-semibold">
            {m.leaveTitle}
          </h2>
          <p className="max-w-prose">{m.leaveSays}</p>
          <AccountForm
            fields={[PASSWORD]}
            submit={m.leaveVerb}
            sure={m.leaveSure}
            url="/api/account"
            method="DELETE"
            onDone={toSignIn}
          />
        </section>
      </div>
    </OnceAlive>
  );
}

export default guarded(AccountPage);

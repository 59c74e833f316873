import * as m from "@/messages";
import { guarded } from "../page/guarded";
import { OnceAlive } from "../page/once-alive";
import { AccountForm } from "./account-form";
import { PasskeySignIn } from "./passkey-sign-in";
import { EMAIL, INVITATION, NAME, newPassword, PASSWORD } from "./fields";

type Props = {
  /** Where to go then: a path of this server. */
  readonly next: string;
  readonly needsInvitation: boolean;
};

/** Signing in, a new account, a forgotten password. */
function SignIn({ next, needsInvitation }: Props) {
  const goOn = (): void => window.location.assign(next);
  return (
    <OnceAlive>
      <div className="flex flex-col gap-6 pt-5">
        <section aria-labelledby="sign-in" className="flex flex-col gap-3">
          <h1 id="sign-in" className="text-2xl font-semibold">
            {m.signInTitle}
          </h1>
          <p className="text-muted">{m.signInSays}</p>
          <AccountForm fields={[EMAIL, PASSWORD]} submit={m.signInVerb} url="/api/account/sign-in" onDone={goOn} />
          <PasskeySignIn onDone={goOn} />
        </section>
        <details>
          <summary className="cursor-pointer font-semibold">{m.signUpTitle}</summary>
          <div className="pt-3">
            <AccountForm
              fields={[NAME, EMAIL, newPassword("password"), ...(needsInvitation ? [INVITATION] : [])]}
              submit={m.signUpVerb}
              url="/api/account/sign-up"
              onDone={goOn}
            />
          </div>
        </details>
        <details>
          <summary className="cursor-pointer font-semibold">{m.forgottenTitle}</summary>
          <div className="pt-3">
            <AccountForm
              fields={[EMAIL]}
              submit={m.forgottenVerb}
              url="/api/account/forgotten"
              done={m.forgottenSent}
            />
          </div>
        </details>
      </div>
    </OnceAlive>
  );
}

export default guarded(SignIn);

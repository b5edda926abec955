import Link from 'next/link';
import { Brand } from '../primitives/Brand';
import { PasskeyButton } from './PasskeyButton';

interface SignInProps {
  /** Browsers make passkeys for where this is reached. */
  passkeys: boolean;
  outcome: string | undefined;
  /** Where to go then. */
  after: string;
  accounts: readonly { organisation: string; name: string; email: string; password: string }[];
}

const outcomes: Record<string, string> = {
  refused: 'This address and password do not belong together. Nothing was changed.',
  'too-many': 'Too many attempts for this address. Wait 15 minutes and try again.',
};

export function SignIn({ outcome, after, accounts, passkeys }: SignInProps) {
  const trouble = outcome && Object.hasOwn(outcomes, outcome) ? outcomes[outcome] : undefined;
  return (
    <main className="mx-auto grid min-h-dvh max-w-3xl content-center gap-8 p-6 md:grid-cols-2">
      <section>
        <Brand />
        <h1 className="mt-4 text-2xl leading-tight font-bold">A panel logbook that computes</h1>
        <p className="text-ink2 mt-3 max-w-prose text-sm">
          Record what is on the wall, in the order of the walk. Findings, grades and report follow.
          What was not seen is never fine.
        </p>
      </section>
      <section className="border-ink bg-sheet border-t-2 p-5">
        <form method="post" action="/sign-in/submit" className="grid gap-3">
          {trouble && (
            <p
              role="alert"
              className="border-danger text-danger border-l-4 pl-2 text-sm font-semibold"
            >
              {trouble}
            </p>
          )}
          <input type="hidden" name="after" value={after} />
          {after !== '/' && !trouble && (
            <p className="text-sm">
              Sign in, and you are back where you were. What you recorded and has not arrived stays
              on this device.
            </p>
          )}
          <label className="grid gap-1 font-semibold">
            E-mail
            <input
              className="field"
              name="email"
              type="email"
              autoComplete="username"
              required
              maxLength={254}
            />
          </label>
          <label className="grid gap-1 font-semibold">
            Password
            <input
              className="field"
              name="password"
              type="password"
              autoComplete="current-password"
              required
              maxLength={500}
            />
          </label>
          <button className="act act-main" type="submit">
            Sign in
          </button>
        </form>
        {passkeys && <PasskeyButton after={after} />}
        <p className="mt-3">
          <Link className="underline" href="/reset">
            Password forgotten
          </Link>
        </p>
        {accounts.length > 0 && (
          <div className="border-hair mt-5 border-t pt-3">
            <h2 className="font-semibold">Demo inspectors</h2>
            <ul className="mt-1 grid gap-2">
              {accounts.map((account) => (
                <li key={account.email} className="text-ink2">
                  <span className="text-ink font-semibold">{account.name}</span>,{' '}
                  {account.organisation}
                  <br />
                  <span className="font-mono">{account.email}</span>
                  <br />
                  <span className="font-mono">{account.password}</span>
                </li>
              ))}
            </ul>
          </div>
        )}
      </section>
    </main>
  );
}

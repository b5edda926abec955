import type { ReactNode } from 'react';
import { Brand } from './Brand';

/** A page for whoever is not signed in: one thing to do, and nothing else. */
export function OpenPage({ title, children }: { title: string; children: ReactNode }) {
  return (
    <main className="mx-auto grid min-h-dvh max-w-xl content-center gap-5 p-6">
      <Brand />
      <h1 className="text-2xl leading-tight font-bold">{title}</h1>
      {children}
    </main>
  );
}

/** What there is to do next. */
export function ThenSignIn({ children }: { children: ReactNode }) {
  return (
    <p>
      {children}{' '}
      <a className="font-semibold underline" href="/sign-in">
        Sign in
      </a>
    </p>
  );
}

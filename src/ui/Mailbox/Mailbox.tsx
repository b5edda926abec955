import Link from 'next/link';
import { wallTimeWords } from '@/core/show/report/dates';
import { Brand } from '../primitives/Brand';

interface Letter {
  id: string;
  to: string;
  subject: string;
  body: string;
  at: string;
}

/** The mailbox stand-in: what would have been e-mailed. */
export function Mailbox({ letters }: { letters: readonly Letter[] }) {
  return (
    <>
      <header className="border-line bg-app flex h-12 items-center gap-4 border-b px-4">
        <Brand />
        <Link className="underline" href="/">
          Today
        </Link>
      </header>
      <main className="mx-auto max-w-3xl p-4 md:p-6">
        <h1 className="text-xl font-bold">Mailbox</h1>
        <p className="text-ink2">
          A stand-in: what is sent from here arrives here, and nowhere else.
        </p>
        {letters.length === 0 && <p className="mt-4">Nothing was sent yet.</p>}
        {letters.map(({ id, to, subject, body, at }) => (
          <article key={id} className="border-hair border-b py-3">
            <h2 className="font-bold">{subject}</h2>
            <p className="text-ink2">
              to {to}, {wallTimeWords(at)}
            </p>
            {body.split('\n\n').map((part) => (
              <p key={part} className="mt-1 break-words">
                {part.split(/(https?:\/\/\S+)/).map((piece, index) =>
                  piece.startsWith('http') ? (
                    <a key={index} className="underline" href={piece}>
                      {piece}
                    </a>
                  ) : (
                    piece
                  ),
                )}
              </p>
            ))}
          </article>
        ))}
      </main>
    </>
  );
}

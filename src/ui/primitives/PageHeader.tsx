import Link from 'next/link';
import { ThemeChoice } from '../theme/ThemeChoice';
import { Brand } from './Brand';

/** The top of a page that is of no single inspection. */
export function PageHeader({ title, office }: { title: string; office: string }) {
  return (
    <header className="border-line bg-app flex min-h-12 items-center gap-4 border-b px-4">
      <Brand />
      <h1 className="font-bold">{title}</h1>
      <span className="text-ink2 hidden sm:inline">{office}</span>
      <Link className="ml-auto underline" href="/">
        Today
      </Link>
      <ThemeChoice compact />
    </header>
  );
}

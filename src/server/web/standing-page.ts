import { escaped } from '../html';
import type { PartState } from '../run/supervisor';

/** What runs, for a page: nothing of an office is on it. */
export interface Standing {
  parts: readonly PartState[];
  /** Whether the database answers; undefined: it was not asked yet. */
  database: boolean | undefined;
}

/** A part in words a person understands, and what its absence means. */
const words: Readonly<Record<string, { name: string; is: 'is' | 'are'; without: string }>> = {
  worker: {
    name: 'The PDF maker',
    is: 'is',
    without:
      'Reports can be read on the screen; a PDF that is asked for is made, and letters leave, as soon as it runs again.',
  },
  database: {
    name: 'The database',
    is: 'is',
    without:
      'Nothing can be opened or delivered. What was recorded stays on its device and is delivered as soon as it runs again.',
  },
  web: { name: 'The pages', is: 'are', without: 'Pages cannot be opened.' },
};

export interface StandingLine {
  name: string;
  runs: boolean;
  says: string;
}

/** One line for each part: whether it runs, since when, and what is missing without it. */
export function standingLines({ parts, database }: Standing): StandingLine[] {
  const known = parts.filter(({ name }) => name !== 'database');
  const stands = (name: string, runs: boolean, since?: string): StandingLine => {
    // Of several of one kind each has its number.
    const [, kind = name, nth] = /^(.+?)(?:-(\d+))?$/.exec(name) ?? [];
    const named = Object.hasOwn(words, kind) ? words[kind]! : { name, is: 'is', without: '' };
    const word = nth === undefined ? named : { ...named, name: `${named.name}, number ${nth}` };
    return {
      name: word.name,
      runs,
      says: runs
        ? `${word.is} running${since ? ` since ${since.slice(0, 16).replace('T', ' ')} UTC` : ''}.`
        : `${word.is} not running. ${word.without}`,
    };
  };
  return [
    ...known.map(({ name, state, since }) => stands(name, state === 'running', since)),
    ...(database === undefined ? [] : [stands('database', database)]),
  ];
}

/** The page itself: it needs no database, no script and no file. */
export function standingPage(standing: Standing): string {
  const lines = standingLines(standing);
  const all = lines.every(({ runs }) => runs);
  return `<!doctype html>
<html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1">
<title>What runs · East Gate</title>
<style>body{font:1rem/1.5 system-ui,sans-serif;margin:2rem auto;max-width:40rem;padding:0 1rem;color:#1b2423;background:#fcfcf9}
h1{font-size:1.4rem}ul{list-style:none;padding:0}li{margin:.6rem 0;padding-left:.6rem;border-left:4px solid #00625a}li.out{border-left-style:double;border-color:#a3180c}
@media (prefers-color-scheme:dark){body{color:#e6ece9;background:#101817}li{border-color:#5fc9bd}li.out{border-color:#ff8a7a}}</style></head>
<body><main><h1>${all ? 'Everything runs' : 'Something is not running'}</h1>
<ul>${lines.map(({ name, runs, says }) => `<li${runs ? '' : ' class="out"'}><strong>${escaped(name)}</strong> ${escaped(says)}</li>`).join('')}</ul>
<p>What ended is begun again by itself. What was recorded on a device stays there until it is delivered.</p></main></body></html>`;
}

'use client';

import { localTimeWords } from '../primitives/local-time';

interface RunningProps {
  parts: readonly { name: string; runs: boolean; says: string }[];
  queue: readonly { queue: string; state: string; jobs: number; oldest: number }[];
  /** Bytes of pictures and files, and how many entries and inspections there are. */
  storage: {
    pictures: number;
    sounds: number;
    files: number;
    entries: number;
    inspections: number;
  };
  versions: { eastGate: string; node: string; postgres: string; migration: string };
  lettersSent: boolean;
  backedUp: boolean;
  lastBackup: { at: string; fault: string | undefined } | undefined;
}

const queueWords: Record<string, string> = {
  'report-file': 'Reports as PDF',
  import: 'Large packages',
  recheck: 'Issued reports read again',
  letter: 'Letters',
};

/** What runs, what waits and what is held: for whoever looks after it. */
export function Running(props: RunningProps) {
  const { parts, queue, storage, versions, lettersSent, backedUp, lastBackup } = props;
  const waiting = queue.filter(
    ({ state }) => state === 'created' || state === 'retry' || state === 'active',
  );
  const failed = queue.filter(({ state }) => state === 'failed');
  return (
    <div className="grid gap-8 md:grid-cols-2">
      <Part title="What runs">
        {parts.map(({ name, runs, says }) => (
          <Fact key={name} term={name} alarm={!runs}>
            {says}
          </Fact>
        ))}
      </Part>
      <Part title="What waits">
        {waiting.length === 0 && <Fact term="Jobs">none waits</Fact>}
        {waiting.map(({ queue: name, state, jobs, oldest }) => (
          <Fact key={`${name} ${state}`} term={queueWords[name] ?? name} alarm={oldest > 600}>
            {jobs} {state === 'active' ? 'in work' : 'waiting'}
            {oldest > 1 && `, the oldest for ${Math.round(oldest)} s`}
          </Fact>
        ))}
        {failed.map(({ queue: name, jobs }) => (
          <Fact key={`${name} failed`} term={queueWords[name] ?? name} alarm>
            {jobs} given up
          </Fact>
        ))}
        <Fact term="Letters" alarm={!lettersSent}>
          {lettersSent ? 'leave by a mail server' : 'no mail server is set up: none leaves'}
        </Fact>
      </Part>
      <Part title="Backups">
        {!backedUp && (
          <Fact term="By themselves" alarm>
            none: BACKUP_FOLDER is not set
          </Fact>
        )}
        {backedUp && !lastBackup && <Fact term="Last">none yet</Fact>}
        {lastBackup && (
          <Fact term="Last" alarm={lastBackup.fault !== undefined}>
            {localTimeWords(lastBackup.at)}
            {lastBackup.fault ? `, failed: ${lastBackup.fault}` : ', written whole'}
          </Fact>
        )}
      </Part>
      <Part title="What this office holds">
        <Fact term="Inspections">{storage.inspections}</Fact>
        <Fact term="Entries">{storage.entries}</Fact>
        <Fact term="Photos">{megabytes(storage.pictures)}</Fact>
        <Fact term="Spoken notes">{megabytes(storage.sounds)}</Fact>
        <Fact term="Reports as PDF">{megabytes(storage.files)}</Fact>
      </Part>
      <Part title="Versions">
        <Fact term="East Gate">{versions.eastGate}</Fact>
        <Fact term="Database">{versions.migration.replace(/\.sql$/, '')}</Fact>
        <Fact term="PostgreSQL">{versions.postgres}</Fact>
        <Fact term="Node.js">{versions.node}</Fact>
      </Part>
    </div>
  );
}

const megabytes = (bytes: number) =>
  bytes < 1024 * 1024 ? `${Math.ceil(bytes / 1024)} kB` : `${(bytes / 1024 / 1024).toFixed(1)} MB`;

function Part({ title, children }: { title: string; children: React.ReactNode }) {
  return (
    <section>
      <h2 className="text-heading font-bold">{title}</h2>
      <dl className="border-ink mt-1 border-t-2">{children}</dl>
    </section>
  );
}

function Fact({
  term,
  alarm = false,
  children,
}: {
  term: string;
  alarm?: boolean;
  children: React.ReactNode;
}) {
  return (
    <div className="border-hair grid grid-cols-[9rem_1fr] gap-3 border-b py-1.5">
      <dt className="text-ink2">{term}</dt>
      <dd className={alarm ? 'text-danger font-semibold' : ''} suppressHydrationWarning>
        {children}
      </dd>
    </div>
  );
}

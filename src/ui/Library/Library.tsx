'use client';

import { Suspense, useState } from 'react';
import type { ReactNode } from 'react';
import Link from 'next/link';
import { Tabs } from 'radix-ui';
import type { Settings } from '@/core/codes/settings/settings';
import { Brand } from '../primitives/Brand';
import { ThemeChoice } from '../theme/ThemeChoice';
import type { Who } from '../who';
import { Costs } from './Costs';
import { Families } from './Families';
import { Office } from './Office';
import { Rules } from './Rules';
import { YardstickTables } from './YardstickTables';
import { saveSettings } from '@/client/settings/save-settings';

const tabs = [
  ['rules', 'Rules'],
  ['families', 'Families'],
  ['tables', 'Tables'],
  ['costs', 'Costs'],
  ['office', 'This office'],
] as const;

/** Everything an answer follows from: rules, families, tables, and what this office set. */
export function Library({
  session,
  settings: initial,
  version,
  above,
}: {
  session: Who;
  settings: Settings;
  version: number;
  /** Said over all of it. */
  above?: ReactNode;
}) {
  const [{ settings, base }, keep] = useState({ settings: initial, base: version });
  const save = async (next: Settings) => {
    const saved = await saveSettings({ from: settings, base, next });
    if (saved.now) keep({ settings: saved.now.settings, base: saved.now.version });
    return saved.fault;
  };
  return (
    <div className="flex h-dvh flex-col">
      {above}
      <header className="border-line bg-app flex min-h-12 items-center gap-4 border-b px-4">
        <Brand />
        <h1 className="font-bold">Library</h1>
        <span className="text-ink2 hidden sm:inline">{session.organisationName}</span>
        <Link className="ml-auto underline" href="/">
          Today
        </Link>
        <ThemeChoice compact />
      </header>
      <Tabs.Root defaultValue="rules" className="bg-sheet flex min-h-0 flex-1 flex-col" asChild>
        <main>
          <Tabs.List className="border-line flex gap-4 border-b px-4" aria-label="Library">
            {tabs.map(([value, words]) => (
              <Tabs.Trigger
                key={value}
                value={value}
                className="text-ink2 data-[state=active]:border-accent data-[state=active]:text-ink py-2 data-[state=active]:border-b-2 data-[state=active]:font-bold max-lg:py-3"
              >
                {words}
              </Tabs.Trigger>
            ))}
          </Tabs.List>
          <Tabs.Content value="rules" className="min-h-0 flex-1" tabIndex={-1}>
            <Suspense>
              <Rules settings={settings} save={save} />
            </Suspense>
          </Tabs.Content>
          <Tabs.Content value="families" className="min-h-0 flex-1 overflow-y-auto" tabIndex={-1}>
            <Families settings={settings} save={save} />
          </Tabs.Content>
          <Tabs.Content value="tables" className="min-h-0 flex-1 overflow-y-auto" tabIndex={-1}>
            <YardstickTables settings={settings} />
          </Tabs.Content>
          <Tabs.Content value="costs" className="min-h-0 flex-1 overflow-y-auto" tabIndex={-1}>
            <Costs settings={settings} save={save} />
          </Tabs.Content>
          <Tabs.Content value="office" className="min-h-0 flex-1 overflow-y-auto" tabIndex={-1}>
            <Office settings={settings} save={save} />
          </Tabs.Content>
        </main>
      </Tabs.Root>
    </div>
  );
}

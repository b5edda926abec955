'use client';

import { useState, useSyncExternalStore } from 'react';
import { tellTheme } from '@/client/worker/on-device';
import type { Theme } from '@/core/vocabulary/themes';
import { themeCookie, themeOf, themes } from '@/core/vocabulary/themes';

/** Chooses the theme; a cookie keeps it for this device. */
export function ThemeChoice({ compact = false }: { compact?: boolean }) {
  const [chosen, setTheme] = useState<Theme>();
  const set = useSyncExternalStore(
    () => () => undefined,
    () => themeOf(document.documentElement.dataset.theme),
    () => 'light' as const,
  );
  const theme = chosen ?? set;
  const choose = (next: Theme) => {
    document.documentElement.dataset.theme = next;
    document.cookie = `${themeCookie}=${next}; path=/; max-age=31536000; samesite=lax`;
    setTheme(next);
    tellTheme(next);
  };
  return (
    <label className="text-caption text-ink2 flex items-center gap-1.5">
      <span className={compact ? 'sr-only' : ''}>Theme</span>
      <select
        className="border-line bg-sheet text-caption text-ink min-h-7 rounded-[2px] border px-1"
        value={theme}
        onChange={(event) => choose(themeOf(event.target.value))}
        suppressHydrationWarning
      >
        {Object.entries(themes).map(([value, label]) => (
          <option key={value} value={value}>
            {label}
          </option>
        ))}
      </select>
    </label>
  );
}

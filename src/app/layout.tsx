import '@fontsource/atkinson-hyperlegible-next/400.css';
import '@fontsource/atkinson-hyperlegible-next/600.css';
import '@fontsource/atkinson-hyperlegible-next/700.css';
import '@fontsource/atkinson-hyperlegible-mono/400.css';
import './globals.css';
import type { Metadata, Viewport } from 'next';
import { cookies } from 'next/headers';
import type { ReactNode } from 'react';
import { Device } from '@/ui/Device/Device';
import { LockGate } from '@/ui/Lock/LockGate';
import { drawingStyles } from '@/ui/drawing/styles';
import { themeCookie, themeOf } from '@/core/vocabulary/themes';

export const metadata: Metadata = {
  title: { default: 'East Gate', template: '%s · East Gate' },
  appleWebApp: { capable: true, title: 'East Gate' },
};
export const viewport: Viewport = { width: 'device-width', initialScale: 1 };

export default async function RootLayout({ children }: { children: ReactNode }) {
  const theme = themeOf((await cookies()).get(themeCookie)?.value);
  return (
    <html lang="en" data-theme={theme}>
      <head>
        <style>{drawingStyles}</style>
      </head>
      <body>
        {children}
        <LockGate />
        <Device />
      </body>
    </html>
  );
}

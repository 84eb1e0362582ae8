import type { Metadata, Viewport } from 'next';
import type { ReactNode } from 'react';
import '@fontsource-variable/petrona';
import '@fontsource-variable/atkinson-hyperlegible-next';
import './globals.css';

export const metadata: Metadata = {
  title: 'Ofrenda',
  description: 'Compose sugar-flower sprays, wreaths and toppers for a cake, and plan wire, tape, days and food-safe placement.',
};

export const viewport: Viewport = { width: 'device-width', initialScale: 1 };

export default function RootLayout({ children }: { children: ReactNode }) {
  return (
    <html lang="en" data-theme="day">
      <body>{children}</body>
    </html>
  );
}

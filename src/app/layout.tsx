import type { Metadata } from 'next';
import { headers } from 'next/headers';
import type { ReactNode } from 'react';
import '@fontsource-variable/archivo/wdth.css';
import '@fontsource-variable/jetbrains-mono/wght.css';
import '@/ui/theme/print.css';
import { WarmSimulation } from '@/ui/simulation/warm-simulation';
import { Providers } from '@/ui/theme/providers';
import { Shell } from '@/ui/shell/shell';

export const metadata: Metadata = {
  title: { default: 'Nine Pours', template: '%s – Nine Pours' },
  description: 'Choose the casting route for a metal part, with every figure’s working open.',
};

export default async function RootLayout({ children }: { children: ReactNode }) {
  const nonce = (await headers()).get('x-nonce') ?? undefined;
  return (
    <html lang="en" suppressHydrationWarning>
      <body>
        <WarmSimulation />
        <Providers nonce={nonce}>
          <Shell>{children}</Shell>
        </Providers>
      </body>
    </html>
  );
}

import type { ReactNode } from 'react';
import { Bench } from '@/ui/shell/Bench';
import { Spoken } from '@/ui/speech/Spoken';

export default function BenchLayout({ children }: { children: ReactNode }) {
  return (
    <Spoken>
      <Bench>{children}</Bench>
    </Spoken>
  );
}

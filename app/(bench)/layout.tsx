import type { ReactNode } from 'react';
import { Bench } from '@/ui/shell/Bench';

export default function BenchLayout({ children }: { children: ReactNode }) {
  return <Bench>{children}</Bench>;
}

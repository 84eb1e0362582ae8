'use client';

import { useRouter } from 'next/navigation';
import { useEffect, useRef, useState } from 'react';
import { takeIn } from '../jobs/takeIn';
import { useWords } from '../speech/useWords';

/** A file that is dragged onto the bench from outside is taken in: a job opens, a packet goes to the helper's bench, a backup is looked at. */
export function DropIn() {
  const words = useWords();
  const [over, setOver] = useState(false);
  const depth = useRef(0);
  const router = useRouter();
  useEffect(() => {
    const isFile = (e: DragEvent) => e.dataTransfer?.types.includes('Files') ?? false;
    const to = (by: number) => {
      depth.current = Math.max(0, depth.current + by);
      setOver(depth.current > 0);
    };
    const enter = (e: DragEvent) => isFile(e) && to(1);
    const leave = (e: DragEvent) => isFile(e) && to(-1);
    const hold = (e: DragEvent) => isFile(e) && e.preventDefault();
    const drop = (e: DragEvent) => {
      if (!isFile(e)) return;
      e.preventDefault();
      to(-depth.current);
      const file = e.dataTransfer?.files[0];
      if (file)
        void takeIn(file).then((what) => {
          if (what !== 'nothing') router.push({ job: '/compose', packet: '/helper', backup: '/jobs' }[what]);
        });
    };
    const listeners = { dragenter: enter, dragleave: leave, dragover: hold, drop } as const;
    for (const [name, run] of Object.entries(listeners)) window.addEventListener(name, run as EventListener);
    return () => {
      for (const [name, run] of Object.entries(listeners)) window.removeEventListener(name, run as EventListener);
    };
  }, [router]);
  if (!over) return null;
  return (
    <p className="pointer-events-none fixed inset-4 z-50 grid place-items-center rounded-3xl border-2 border-dashed border-[var(--leaf)] bg-[var(--bench)]/90 text-[22px] font-semibold">
      {words.label('shell.let-go-job-packet-or')}
    </p>
  );
}

'use client';

import { useMemo } from 'react';
import { quoteOf, type Need, type Prices, type Quote } from '@/core/make/price';
import { needsOf } from '@/core/plan/needs';
import type { DerivedPlan } from '@/core/plan/derivePlan';
import { useStudio } from '../useStudio';

/** What the plan uses up, and what it costs by the job's own prices. */
export function useQuote(plan: DerivedPlan): { needs: Need[]; minutes: number; prices: Prices; quote: Quote } {
  const prices = useStudio((s) => s.project!.prices);
  return useMemo(() => {
    const needs = needsOf(plan);
    const minutes = plan.tasks.reduce((a, t) => a + t.minutes, 0);
    return { needs, minutes, prices, quote: quoteOf(needs, minutes, prices) };
  }, [plan, prices]);
}

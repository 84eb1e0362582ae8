import type { Page } from '@playwright/test';

/**
 * Counts, from the frame's own books, which parts of the page are rendered anew: after each commit the tree of components is
 * walked as the frame's developer tools walk it (a component that ran carries the flag 1, parts that were not touched keep their
 * old branch). To be called before the page is opened; a part is named by the label of the element that stands highest in it.
 */
export async function countRenders(page: Page): Promise<{ renders(): Promise<Record<string, number>>; reset(): Promise<void> }> {
  await page.addInitScript(() => {
    interface Fiber {
      tag: number;
      flags: number;
      child: Fiber | null;
      sibling: Fiber | null;
      alternate: Fiber | null;
      stateNode: unknown;
      type: unknown;
    }
    const counts: Record<string, number> = {};
    const FUNCTION = 0;
    const MEMO = [14, 15];
    const PERFORMED_WORK = 1;
    const labelOf = (fiber: Fiber | null): string | null => {
      for (let f = fiber; f; f = f.child)
        if (f.stateNode instanceof Element)
          return (
            f.stateNode.getAttribute('aria-label') ?? f.stateNode.closest('[aria-label]')?.getAttribute('aria-label') ?? null
          );
      return null;
    };
    const walk = (next: Fiber, before: Fiber | null): void => {
      const component = next.tag === FUNCTION || MEMO.includes(next.tag);
      if (component && before && next.flags & PERFORMED_WORK) {
        const label = labelOf(next);
        if (label) counts[label] = (counts[label] ?? 0) + 1;
      }
      if (before && next.child === before.child) return;
      for (let child = next.child; child; child = child.sibling) walk(child, child.alternate);
    };
    const hook = {
      supportsFiber: true,
      renderers: new Map(),
      inject: () => 1,
      onCommitFiberUnmount: () => undefined,
      onPostCommitFiberRoot: () => undefined,
      onCommitFiberRoot: (_: number, root: { current: Fiber }) => walk(root.current, root.current.alternate),
      checkDCE: () => undefined,
    };
    Object.assign(window, { __REACT_DEVTOOLS_GLOBAL_HOOK__: hook, renderCounts: counts });
  });
  type Counting = Window & { renderCounts: Record<string, number> };
  return {
    renders: () => page.evaluate(() => ({ ...(window as unknown as Counting).renderCounts })),
    reset: () =>
      page.evaluate(() => {
        const { renderCounts } = window as unknown as Counting;
        for (const key of Object.keys(renderCounts)) delete renderCounts[key];
      }),
  };
}

import type { Page } from '@playwright/test';

export interface Fit {
  /** by how much the page is wider than its window, pixels */
  sideways: number;
  /** what is pressed and smaller than a finger */
  small: string[];
  /** words smaller than can be read, drawings included */
  tiny: string[];
  /** what is pressed and lies under something else in the window as it stands */
  covered: string[];
  /** of the window's height, what header and ways to the stations take together */
  shell: number;
}

/**
 * What a person with a large thumb or a window enlarged four times meets: measured in the page, of what is shown. Sizes: WCAG 2.2, 2.5.5
 * (44 pixels). A date's parts are one field; a box to tick is as large as its label; what is hidden from readers stands for a form's sake.
 */
export const fitOf = (page: Page): Promise<Fit> =>
  page.evaluate(() => {
    const LEAST_PX = 43.5;
    const LEAST_WORDS_PX = 12.9;
    const TARGETS =
      'button, a[href], input, select, summary, [role=button], [role=option], [role=tab], [role=radio], [role=menuitem], [role=slider]';
    const isShown = (e: Element) => {
      const { width, height } = e.getBoundingClientRect();
      return width > 1.5 && height > 1.5 && e.checkVisibility({ visibilityProperty: true, opacityProperty: true });
    };
    const called = (e: Element) =>
      `${(e.getAttribute('aria-label') ?? (e.textContent || e.tagName)).trim().slice(0, 40)} <${e.tagName.toLowerCase()}>`;
    const sheet = document.querySelector('[role=dialog]');
    const targets = [...(sheet ?? document).querySelectorAll(TARGETS)].filter(
      (e) =>
        isShown(e) &&
        !e.closest('[aria-hidden=true]') &&
        !e.matches(':disabled, .skip') &&
        getComputedStyle(e).pointerEvents !== 'none',
    );
    const boxOf = (e: Element) =>
      (e.matches('input') ? (e.closest('label') ?? e.closest('.fld') ?? e) : e).getBoundingClientRect();
    const small = targets
      .map((e) => ({ e, box: boxOf(e) }))
      .filter(({ box }) => box.width < LEAST_PX || box.height < LEAST_PX)
      .map(({ e, box }) => `${called(e)} ${Math.round(box.width)}×${Math.round(box.height)}`);

    const tiny = new Set<string>();
    const texts = document.createTreeWalker(sheet ?? document.body, NodeFilter.SHOW_TEXT);
    while (texts.nextNode()) {
      const text = texts.currentNode.textContent?.trim() ?? '';
      const e = texts.currentNode.parentElement;
      if (!text || !e || !isShown(e) || e.closest('script, style, title, .sr-only')) continue;
      const matrix = e instanceof SVGGraphicsElement ? e.getScreenCTM() : null;
      const px = parseFloat(getComputedStyle(e).fontSize) * (matrix ? Math.hypot(matrix.a, matrix.b) : 1);
      if (px < LEAST_WORDS_PX) tiny.add(`${text.slice(0, 24)} ${px.toFixed(1)}px`);
    }

    const bar = document.querySelector('.compact-bar, .stem');
    const lowest = Math.min(innerHeight, bar && !sheet ? bar.getBoundingClientRect().top : innerHeight);
    const covered = targets
      .filter((e) => !e.closest('.compact-bar, .stem'))
      .map((e) => ({ e, box: e.getBoundingClientRect() }))
      .map(({ e, box }) => ({ e, x: box.left + box.width / 2, y: box.top + box.height / 2 }))
      .filter(({ x, y }) => x >= 0 && y >= 0 && x < innerWidth && y < lowest)
      .filter(({ e, x, y }) => {
        const top = document.elementFromPoint(x, y);
        return top !== null && !e.contains(top) && !top.contains(e) && top.closest('label') !== e.closest('label');
      })
      .map(({ e }) => called(e));

    const tall = (e: Element | null) => (e && isShown(e) ? e.getBoundingClientRect().height : 0);
    return {
      sideways: document.documentElement.scrollWidth - document.documentElement.clientWidth,
      small,
      tiny: [...tiny],
      covered,
      shell: (tall(document.querySelector('.bench > header')) + tall(bar)) / innerHeight,
    };
  });

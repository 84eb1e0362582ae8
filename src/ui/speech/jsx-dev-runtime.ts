import type { jsxDEV as reactJsxDev } from 'react/jsx-dev-runtime';
import { jsx, jsxs } from './jsx-runtime';

export { Fragment, type JSX } from './jsx-runtime';

/** The same while developing. */
export const jsxDEV: typeof reactJsxDev = (type, props, key, isStatic) =>
  (isStatic ? jsxs : jsx)(type, props, key) as ReturnType<typeof reactJsxDev>;

import astronomy from './demo-astronomy-toppers.ofrenda.json';
import harbour from './demo-harbour-library.ofrenda.json';
import wreath from './demo-midwinter-wreath.ofrenda.json';

export { DEMO_TIN } from './bench';
/** The made-up jobs of a first start, the default one first; as files, so they are checked like any other. */
export const DEMO_JOBS: readonly unknown[] = [harbour, wreath, astronomy];

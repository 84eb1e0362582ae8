import type { Devices, StudioState } from './studio';

/** What a studio has before anything is asked of it. */
export const NO_SEARCH: StudioState['search'] = { progress: null, running: false, fault: null, proposals: [], seed: 1 };
export const NO_DEVICES: Devices = { sensor: false, scale: false, printer: false };

'use client';

import { StationFault } from '@/ui/shell/StationFault';

/** A station that fails leaves the rest of the bench standing. */
export default StationFault;

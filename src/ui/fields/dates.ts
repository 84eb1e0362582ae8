'use client';

import dynamic from 'next/dynamic';

// calendars and their parts are fetched when a field of theirs first stands on a station
export const DayField = dynamic(() => import('./DateFields').then((m) => m.DayField), { ssr: false });
export const MomentField = dynamic(() => import('./DateFields').then((m) => m.MomentField), { ssr: false });
export const HourField = dynamic(() => import('./DateFields').then((m) => m.HourField), { ssr: false });

import { lightFormat } from 'date-fns';
import { wallFromText } from '@/core/days/clock';

/** Wall time of this very moment on the machine's clock. */
export const wallNow = (): number => wallFromText(lightFormat(new Date(), "yyyy-MM-dd'T'HH:mm"));

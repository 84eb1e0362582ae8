import { MESSAGES } from './en';
import { Words } from './words';

/** English, millimetres, 24 hours: what is spoken where nobody has said otherwise. */
export const ENGLISH = new Words(MESSAGES);

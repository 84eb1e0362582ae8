/** How the label of a field looks; where what it holds says enough, the label is for readers only. */
export const labelClass = (hide?: boolean): string => (hide ? 'sr-only' : 'block pb-1 text-[15px] font-semibold');

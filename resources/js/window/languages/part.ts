/** A part of a sentence that is changed where it stands. */
export const PART = 'border-b-[1.5px] border-you leading-tight font-semibold text-you hover:bg-you-soft';

/** How the parts of a sentence look that can be edited. */
export const BLANK = [
  'border-b-[1.5px] border-you/60 bg-transparent px-0.5 leading-[1.35] font-semibold text-you',
  'placeholder:font-normal placeholder:text-rule hover:bg-you-soft/60 focus:border-you focus:bg-you-soft/60',
].join(' ');

/** What the picture is judged over. */
export interface Backdrop {
  id: string;
  name: string;
  /** CSS background. */
  css: string;
}

export const BACKDROPS: Backdrop[] = [
  {
    id: 'evening',
    name: 'evening',
    css: 'linear-gradient(168deg, #7f9dbf 0%, #c6b492 52%, #4c5867 100%)',
  },
  { id: 'dark', name: 'dark', css: 'radial-gradient(ellipse at 50% 30%, #2c3644 0%, #10141b 75%)' },
  { id: 'bright', name: 'bright', css: 'linear-gradient(180deg, #ffffff 0%, #eef4fa 45%, #fbf4e2 100%)' },
  { id: 'busy', name: 'busy', css: "url('/busy.svg') center / cover" },
  { id: 'matte', name: 'alpha as grey', css: '#000000' },
  {
    id: 'alpha',
    name: 'alpha',
    css: 'repeating-conic-gradient(#8b8497 0% 25%, #a69fb2 0% 50%) 0 0 / 24px 24px',
  },
];

export function backdrop(id: string): Backdrop {
  return BACKDROPS.find((entry) => entry.id === id) ?? BACKDROPS[0]!;
}

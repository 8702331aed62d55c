import type { Graphic, Part, Place } from '../api/types';

/** What the floor shows that a step may be about. */
export interface Seen {
  document: Graphic;
  /** Whether what is at hand is saved, in a revision of its own. */
  saved: boolean;
  /** Whether its values are other than its samples. */
  tried: boolean;
}

export interface FirstStep {
  title: string;
  how: string;
  isDone: (seen: Seen) => boolean;
}

const texts = ({ parts }: Graphic) => (parts ?? []).filter(({ kind }) => kind === 'text');
const boxes = ({ parts }: Graphic) => (parts ?? []).filter(({ kind }) => kind === 'box');
const moved = ({ in: phase }: Graphic, parts: Part[]) =>
  parts.filter(({ key }) => phase?.moves?.some(({ part }) => part === key)).length;
const onSafe = (place: Place | undefined) => place?.on === 'title-safe';

/** From nothing to a bar that is proved. `docs/first-bar.md` says the same with pictures. */
export const FIRST_STEPS: FirstStep[] = [
  {
    title: 'A field for the name',
    how: 'In the sheet, under graphic, write Name into the new field and press Enter.',
    isDone: ({ document }) => (document.fields ?? []).length > 0,
  },
  {
    title: 'A text that shows it',
    how: 'At the top of the sheet press text. It shows the field that no text shows yet.',
    isDone: ({ document }) => texts(document).length > 0,
  },
  {
    title: 'A second field and its text',
    how: 'Under graphic add a field Role, then press text again: it goes below the first.',
    isDone: ({ document }) => texts(document).length > 1,
  },
  {
    title: 'A box around both',
    how: 'Choose both texts in the score, the second one with Shift, and press box.',
    isDone: ({ document }) => boxes(document).some(({ width }) => (width?.wraps?.length ?? 0) > 1),
  },
  {
    title: 'A place at the safe line',
    how: 'Choose the first text. Let its left hang on title-safe · left + 28, its bottom on title-safe · bottom − 90.',
    isDone: ({ document }) => texts(document).some(({ x, y }) => onSafe(x) && onSafe(y)),
  },
  {
    title: 'The box comes in',
    how: 'Choose the box and press unroll, under Gestures at the end of its sheet.',
    isDone: ({ document }) => moved(document, boxes(document)) > 0,
  },
  {
    title: 'The texts follow it',
    how: 'Choose each text, let it be seen through the box (more: mask …) and press rise.',
    isDone: ({ document }) => moved(document, texts(document)) > 1,
  },
  {
    title: 'The out is the in backwards',
    how: 'Press v.',
    isDone: ({ document }) => document.out?.mirrors !== undefined || (document.out?.moves ?? []).length > 0,
  },
  {
    title: 'Any name at all',
    how: 'Type a very long name, a very short one, and leave the role blank: the box follows.',
    isDone: ({ tried }) => tried,
  },
  {
    title: 'Saved and proved',
    how: 'Press Save. The proof runs by itself; what it finds stands at the top, with what would mend it.',
    isDone: ({ saved }) => saved,
  },
];

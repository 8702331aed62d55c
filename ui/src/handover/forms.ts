export const GROUPS = [
  'the design, for any text',
  'filled: pictures and motion',
  'filled: words',
  'its proof',
] as const;

export type Group = (typeof GROUPS)[number];

/** What a graphic can be handed over as. */
export interface FormInfo {
  form: string;
  name: string;
  /** Under which it is listed. */
  group: Group;
  /** Whether it is of fillings; if not, of the graphic whatever it is filled with. */
  filled: boolean;
  /** Whether all fillings go into one file; if not, each has its own. */
  together?: boolean;
  /** Whether it carries fonts for whatever may be filled in. */
  anyText?: boolean;
  /** Whether only graphics with spoken words have it. */
  spoken?: boolean;
  /** Whether it is of one frame. */
  still?: boolean;
  /** Whether it has many frames, at some rate. */
  timed?: boolean;
  /** Whether it has px, or is drawn for some. */
  sized?: boolean;
  /** Whether a colour can lie under it. */
  overGround?: boolean;
  /** What it is for. */
  use: string;
}

export const FORMS: FormInfo[] = [
  {
    form: 'package',
    group: 'the design, for any text',
    anyText: true,
    name: 'package for any text',
    filled: false,
    use: 'For playout and web renderers that take HTML graphics (EBU OGraf): it is filled there, and works out sizes, cases, steps, changes and outs itself.',
  },
  {
    form: 'page',
    group: 'the design, for any text',
    anyText: true,
    name: 'single page for any text',
    filled: false,
    use: 'One HTML file to open in a browser or to put into a browser source; values stand in its address.',
  },
  {
    form: 'bundle',
    group: 'the design, for any text',
    name: 'bundle for another house',
    filled: false,
    use: 'The design itself with the colours, pictures and fonts it names, to be taken in on another shelf.',
  },
  {
    form: 'lottie',
    group: 'filled: pictures and motion',
    name: 'vector animation (Lottie)',
    filled: true,
    use: 'For apps and web pages: outlines and motion, with markers for in, loop and out.',
  },
  {
    form: 'png',
    group: 'filled: pictures and motion',
    name: 'picture (PNG)',
    filled: true,
    still: true,
    sized: true,
    overGround: true,
    use: 'One frame, over nothing or over a colour.',
  },
  {
    form: 'svg',
    group: 'filled: pictures and motion',
    name: 'picture of shapes (SVG)',
    filled: true,
    still: true,
    sized: true,
    use: 'One frame, sharp at any size, for print and drawing programs.',
  },
  {
    form: 'frames',
    group: 'filled: pictures and motion',
    overGround: true,
    sized: true,
    timed: true,
    name: 'every frame (PNG)',
    filled: true,
    use: 'An archive with a picture for each frame.',
  },
  {
    form: 'mov',
    group: 'filled: pictures and motion',
    overGround: true,
    sized: true,
    timed: true,
    name: 'video, lossless (MOV)',
    filled: true,
    use: 'For editing, with alpha; large.',
  },
  {
    form: 'prores',
    group: 'filled: pictures and motion',
    overGround: true,
    sized: true,
    timed: true,
    name: 'video, ProRes 4444 (MOV)',
    filled: true,
    use: 'For editing, with alpha; smaller.',
  },
  {
    form: 'webm',
    group: 'filled: pictures and motion',
    overGround: true,
    sized: true,
    timed: true,
    name: 'video, VP9 (WebM)',
    filled: true,
    use: 'For the web, with alpha; smallest.',
  },
  {
    form: 'table',
    group: 'filled: words',
    name: 'what is filled in, as a table (CSV)',
    filled: true,
    together: true,
    use: 'A row for each filling, headed by the fields: for spreadsheets, and to be filled in from again.',
  },
  {
    form: 'captions',
    group: 'filled: words',
    name: 'spoken words as captions (WebVTT)',
    filled: true,
    spoken: true,
    use: 'The words in their lines, with the times at which they are spoken: to lie beside a video of it.',
  },
  {
    form: 'findings',
    group: 'its proof',
    name: 'what its proof found (CSV)',
    filled: false,
    use: 'A row for each finding: what is wrong, where it is worst, which filling shows it, how to mend it.',
  },
];

/** Frames per second that are asked for where they are not those of the design. */
export const RATES = ['24', '25', '30000/1001', '30', '50', '60000/1001', '60'];

/** px of widths that are asked for; those of other proportions are as wide. */
const WIDTHS = [3840, 1920, 1280, 960, 640];

/** Other sizes than the design's, each with its height in the same proportion. */
export function sizes({
  width,
  height,
}: {
  width: number;
  height: number;
}): { width: number; height: number }[] {
  return WIDTHS.filter((of) => of !== width).map((of) => ({
    width: of,
    height: 2 * Math.max(1, Math.round((of * height) / width / 2)),
  }));
}

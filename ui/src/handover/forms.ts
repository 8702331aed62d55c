/** What a graphic can be handed over as. */
export interface FormInfo {
  form: string;
  name: string;
  /** Whether it is of one filling; if not, it can be filled afterwards. */
  filled: boolean;
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
    name: 'package for any text',
    filled: false,
    use: 'For playout and web renderers that take HTML graphics (EBU OGraf): it is filled there, and works out sizes, cases, steps, changes and outs itself.',
  },
  {
    form: 'page',
    name: 'single page for any text',
    filled: false,
    use: 'One HTML file to open in a browser or to put into a browser source; values stand in its address.',
  },
  {
    form: 'bundle',
    name: 'bundle for another house',
    filled: false,
    use: 'The design itself with the colours, pictures and fonts it names, to be taken in on another shelf.',
  },
  {
    form: 'lottie',
    name: 'vector animation (Lottie)',
    filled: true,
    use: 'For apps and web pages: outlines and motion, with markers for in, loop and out.',
  },
  {
    form: 'png',
    name: 'picture (PNG)',
    filled: true,
    still: true,
    sized: true,
    overGround: true,
    use: 'One frame, over nothing or over a colour.',
  },
  {
    form: 'svg',
    name: 'picture of shapes (SVG)',
    filled: true,
    still: true,
    sized: true,
    use: 'One frame, sharp at any size, for print and drawing programs.',
  },
  {
    form: 'frames',
    overGround: true,
    sized: true,
    timed: true,
    name: 'every frame (PNG)',
    filled: true,
    use: 'An archive with a picture for each frame.',
  },
  {
    form: 'mov',
    overGround: true,
    sized: true,
    timed: true,
    name: 'video, lossless (MOV)',
    filled: true,
    use: 'For editing, with alpha; large.',
  },
  {
    form: 'prores',
    overGround: true,
    sized: true,
    timed: true,
    name: 'video, ProRes 4444 (MOV)',
    filled: true,
    use: 'For editing, with alpha; smaller.',
  },
  {
    form: 'webm',
    overGround: true,
    sized: true,
    timed: true,
    name: 'video, VP9 (WebM)',
    filled: true,
    use: 'For the web, with alpha; smallest.',
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

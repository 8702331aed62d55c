/** What a graphic can be handed over as. */
export interface FormInfo {
  form: string;
  name: string;
  /** Whether it is of one filling; if not, it can be filled afterwards. */
  filled: boolean;
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
  { form: 'png', name: 'picture (PNG)', filled: true, use: 'As it rests, over nothing or over a colour.' },
  {
    form: 'frames',
    name: 'every frame (PNG)',
    filled: true,
    use: 'An archive with a picture for each frame.',
  },
  { form: 'mov', name: 'video, lossless (MOV)', filled: true, use: 'For editing, with alpha; large.' },
  {
    form: 'prores',
    name: 'video, ProRes 4444 (MOV)',
    filled: true,
    use: 'For editing, with alpha; smaller.',
  },
  { form: 'webm', name: 'video, VP9 (WebM)', filled: true, use: 'For the web, with alpha; smallest.' },
];

/** Scripts that are looked for, by their ISO 15924 names; any other one is shaped as if it had none. */
const SCRIPTS = (
  'Latn Arab Hebr Grek Cyrl Armn Geor Deva Thai Hani Hira Kana Hang Beng Guru Gujr Orya Taml Telu Knda Mlym Sinh Laoo Tibt Mymr Ethi Cher ' +
  'Cans Khmr Mong Syrc Thaa Nkoo Bopo Yiii Copt Goth Tale Talu Tfng Limb Bugi Bali Java Sund Vaii Mand Samr Adlm'
).split(' ');
const TESTS = SCRIPTS.map((script) => ({ script, test: new RegExp(`^\\p{Script=${script}}`, 'u') }));
const NONE = /^\p{Script=Zyyy}|^\p{Script=Zinh}/u;

/** A run of one script: what belongs to none belongs to what is around it. */
export interface ScriptRun {
  from: number;
  to: number;
  script: string;
}

const known = new Map<number, string>();

/** Empty for what is used with any script. */
function scriptOf(point: number): string {
  let script = known.get(point);
  if (script === undefined) {
    const letter = String.fromCodePoint(point);
    script = NONE.test(letter) ? '' : (TESTS.find(({ test }) => test.test(letter))?.script ?? 'Zzzz');
    known.set(point, script);
  }
  return script;
}

/** Letters that are drawn joined with their neighbours. */
const JOINING = new Set(['Arab', 'Syrc', 'Nkoo', 'Mong', 'Mand', 'Adlm', 'Deva', 'Beng', 'Guru']);

export function joins(point: number): boolean {
  return JOINING.has(scriptOf(point)) && /^\p{L}/u.test(String.fromCodePoint(point));
}

const OPENING = '([{<\u00AB\u2018\u201C\u2039\u3008\u300A\u300C\u300E\u3010\u3014\u3016\u3018\u301A';
const CLOSING = ')]}>\u00BB\u2019\u201D\u203A\u3009\u300B\u300D\u300F\u3011\u3015\u3017\u3019\u301B';

/**
 * The runs of a piece of a text. What closes a pair has the script of what opened it. Source: UAX 24, chapter 5.
 *
 * @param to before which char
 */
export function scriptRuns(text: string, from: number, to: number): ScriptRun[] {
  const runs: ScriptRun[] = [];
  const opened: { closes: string; script: string }[] = [];
  let run: ScriptRun = { from, to: from, script: '' };
  for (let at = from; at < to;) {
    const point = text.codePointAt(at)!;
    const letter = String.fromCodePoint(point);
    let script = scriptOf(point);
    const opens = OPENING.indexOf(letter);
    if (opens >= 0) opened.push({ closes: CLOSING[opens]!, script: run.script });
    else if (CLOSING.includes(letter)) {
      while (opened.length > 0 && opened.at(-1)!.closes !== letter) opened.pop();
      script = opened.pop()?.script ?? script;
    }
    if (script && run.script && script !== run.script) {
      runs.push(run);
      run = { from: at, to: at, script: '' };
    }
    if (script && !run.script) {
      run.script = script;
      for (const pair of opened) pair.script ||= script;
    }
    at += letter.length;
    run.to = at;
  }
  runs.push(run);
  return runs;
}

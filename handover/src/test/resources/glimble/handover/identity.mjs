// Works graphics out as the runtime does, for a test that compares them with what the JVM makes of the same.
// usage: node identity.mjs RUNTIME.mjs < asked.json > answered.json
import { readFile } from 'node:fs/promises';

// The shaper is to find a browser, or what it needs of one.
process.type = 'renderer';
globalThis.window = globalThis;
globalThis.HTMLElement = class {};
globalThis.document = { createElement: () => ({}) };

const { beginShaper, open, Texts } = await import(process.argv[2]);
await beginShaper();
const chunks = [];
for await (const chunk of process.stdin) chunks.push(chunk);
const { design, cases } = JSON.parse(Buffer.concat(chunks).toString('utf8'));
const texts = new Texts(design);
const stage = open(design, texts);

async function withFonts(work) {
  for (;;) {
    try {
      return work();
    } catch (error) {
      if (!error.font) throw error;
      const file = await readFile(error.font.at);
      texts.face(error.font.id).take(file.buffer.slice(file.byteOffset, file.byteOffset + file.byteLength));
    }
  }
}

function plain(value) {
  if (ArrayBuffer.isView(value)) return [...value];
  if (Array.isArray(value)) return value.map(plain);
  if (value && typeof value === 'object') return Object.fromEntries(Object.entries(value).map(([k, v]) => [k, plain(v)]));
  return value;
}

const bits = new DataView(new ArrayBuffer(8));
function fingerprint(value) {
  let sum = 0x811c9dc5 | 0;
  const add = (number) => (sum = Math.imul(sum ^ number, 0x01000193));
  const text = (given) => {
    for (let i = 0; i < given.length; i++) add(given.charCodeAt(i));
    add('"'.charCodeAt(0));
  };
  const walk = (of) => {
    if (ArrayBuffer.isView(of) || Array.isArray(of)) {
      add('['.charCodeAt(0));
      for (const item of of) walk(item);
      add(']'.charCodeAt(0));
    } else if (typeof of === 'string') text(of);
    else if (typeof of === 'number') {
      bits.setFloat64(0, of + 0);
      add(bits.getInt32(4));
      add(bits.getInt32(0));
    } else if (typeof of === 'boolean') add((of ? 't' : 'f').charCodeAt(0));
    else {
      add('{'.charCodeAt(0));
      for (const name of Object.keys(of).sort()) {
        text(name);
        walk(of[name]);
      }
    }
  };
  walk(value);
  return sum;
}

const answers = [];
for (const asked of cases) {
  const say = (value) => (asked.whole ? plain(value) : fingerprint(value));
  const answer = {};
  stage.clear();
  const problems = stage.problems(asked.data);
  if (problems) answer.problems = problems;
  else {
    answer.rest = say(await withFonts(() => stage.rest(asked.data)));
    await withFonts(() => stage.take(0, asked.data));
    answer.take = say(stage.reel(stage.shown(0).reel));
  }
  if (!problems && !asked.stands) {
    for (let i = 0; i < asked.steps; i++) if (stage.stepsLeft(asked.at - 1) > 0) stage.step(asked.at - 1);
    answer.moments = say([0, 3, asked.at, asked.at + 40].map((frame) => stage.shown(frame)));
    if (!stage.problems(asked.then)) {
      await withFonts(() => stage.take(asked.at, asked.then));
      answer.change = say(stage.reel(stage.shown(asked.at).reel));
    }
    stage.leave(asked.leave);
    answer.out = say(stage.reel(stage.shown(asked.leave).reel));
  }
  answers.push(answer);
}
process.stdout.write(JSON.stringify(answers));

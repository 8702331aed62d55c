import type { Graphic, Part, PhaseDocument, Played, Stand, Variant } from '../api/types';
import type { PhaseKey } from '../floor/moves';

const PHASES: PhaseKey[] = ['in', 'loop', 'out'];

/**
 * The document with the variants that are played in the place of its phases, and these in theirs; parts that rest otherwise where they
 * are played do so. Whatever is changed in it lands in the variant once it is exchanged again: twice exchanged it is as it was.
 */
export function exchanged(document: Graphic, played: Played): Graphic {
  let now = document;
  for (const phase of PHASES) {
    const at = (now.variants ?? []).findIndex(
      (variant) => variant.phase === phase && variant.name === played[phase],
    );
    if (played[phase] && at >= 0) now = withExchanged(now, phase, at);
  }
  return now;
}

function withExchanged(document: Graphic, phase: PhaseKey, at: number): Graphic {
  const { name, stands = [], ...own } = { ...document.variants![at]!, phase: undefined };
  const plain: PhaseDocument = document[phase] ?? {};
  const parts = document.parts ?? [];
  const before = stands.map((stand) => standOf(parts, stand));
  const variant = {
    ...plain,
    name,
    phase,
    ...(phase === 'loop' && { length: plain.length ?? 0 }),
    ...(before.length > 0 && { stands: before }),
  } as Variant;
  const put = phase === 'loop' ? { length: 0, ...own } : own;
  return {
    ...document,
    [phase]: put,
    parts: stands.reduce(standing, parts),
    variants: document.variants!.map((other, i) => (i === at ? variant : other)),
  };
}

/** How a part stands now along the axis of a stand. */
export function standOf(parts: Part[], { part, axis }: Pick<Stand, 'part' | 'axis'>): Stand {
  const found = parts.find(({ key }) => key === part)!;
  return {
    part,
    axis,
    size: (axis === 'x' ? found.width : found.height) ?? { own: true },
    place: (axis === 'x' ? found.x : found.y)!,
  };
}

function standing(parts: Part[], stand: Stand): Part[] {
  const changes =
    stand.axis === 'x' ? { width: stand.size, x: stand.place } : { height: stand.size, y: stand.place };
  return parts.map((part) => (part.key === stand.part ? { ...part, ...changes } : part));
}

/** The document with a further variant of a phase: what is played of it now, under a name. */
export function withVariant(document: Graphic, phase: PhaseKey, name: string): Graphic {
  const variant = { ...(document[phase] ?? {}), name, phase } as Variant;
  if (phase === 'loop') variant.length ??= 0;
  return { ...document, variants: [...(document.variants ?? []), variant] };
}

/** Without a variant; cases that played it play the phase itself. */
export function withoutVariant(document: Graphic, phase: PhaseKey, name: string): Graphic {
  return {
    ...document,
    variants: (document.variants ?? []).filter((other) => other.phase !== phase || other.name !== name),
    cases: (document.cases ?? []).map((row) => {
      return row[phase] === name ? { ...row, [phase]: undefined } : row;
    }),
  };
}

/** A variant under another name, in every case that plays it too. */
export function renamedVariant(document: Graphic, phase: PhaseKey, name: string, to: string): Graphic {
  return {
    ...document,
    variants: (document.variants ?? []).map((other) =>
      other.phase === phase && other.name === name ? { ...other, name: to } : other,
    ),
    cases: (document.cases ?? []).map((row) => (row[phase] === name ? { ...row, [phase]: to } : row)),
  };
}

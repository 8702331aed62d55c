import type { components } from './schema';

type Schemas = components['schemas'];

export type Graphic = Schemas['Graphic'];
export type StoredGraphic = Schemas['GraphicAnswer'];
export type Part = Schemas['Part'];
export type Size = Schemas['Size'];
export type Place = Schemas['Place'];
export type Paint = Schemas['Paint'];
export type Stroke = Schemas['Stroke'];
export type Shadow = Schemas['Shadow'];
export type Fit = Schemas['Fit'];
export type Edge = Schemas['Edge'];
export type Rect = Schemas['Rect'];
export type EditWhat = Schemas['EditRequest']['what'];
export type Field = Schemas['Field'];
export type RevisionNote = Schemas['RevisionNote'];
export type House = Schemas['House'];
export type PaletteEntry = Schemas['PaletteEntry'];
export type Trial = Schemas['Trial'];
export type Move = Schemas['Move'];
export type Worked = Schemas['WorkedOutAnswer'];
export type Reel = Schemas['Reel'];
export type Layer = Schemas['Layer'];
export type Track = Schemas['Track'];
export type Bar = Schemas['Bar'];
export type RestPart = Schemas['RestAnswer'];
export type Stretch = Schemas['Stretch'];
export type FontInfo = Schemas['FontAnswer'];
/** Text by field key. */
export type Values = Record<string, string>;

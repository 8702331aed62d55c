import type { components } from '../api/schema';

type Schemas = components['schemas'];

/** What is on air at an output. */
export type AirState = Schemas['AirState'];
export type BerthState = Schemas['BerthState'];
/** One reel on air. */
export type Play = Schemas['PlayState'];
/** What is on air, for people. */
export type Shows = Schemas['Shows'];

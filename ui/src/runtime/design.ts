/** What is handed over with a graphic, so that it works anywhere. */
export interface Design {
  /** The document. */
  document: unknown;
  /** Colours of the house by name. */
  palette: Record<string, string>;
  /** Safe areas of the house, per cent. */
  safe: { action: number; title: number };
  wholePixels: boolean;
  /** Proportions of the pictures by key, and where the content of each is. */
  pictures: Record<string, { width: number; height: number; at: string }>;
  fonts: DesignFont[];
  writing: { clusters: BreakRules; lines: BreakRules };
}

/** A font; lengths in units of its em. */
export interface DesignFont {
  id: string;
  unitsPerEm: number;
  ascent: number;
  descent: number;
  /** Fonts that supply what it lacks, in this order. */
  fallbacks: string[];
  /** First and last of each range of code points that it has. */
  coverage: number[];
  /** Where its file is: an address as seen from the design. */
  at: string;
}

/** A machine of states that is run over the categories of code points. */
export interface BreakRules {
  /** The first code point of each range of one category. */
  starts: number[];
  categories: number[];
  /** The first category of scripts whose words are found by a dictionary. */
  dictionary: number;
  /** Whether it wants to be told of the beginning. */
  begins: boolean;
  /** Numbers in each row: whether it accepts, which look ahead it remembers, one of no account, the next state of each category. */
  columns: number;
  states: number[];
}

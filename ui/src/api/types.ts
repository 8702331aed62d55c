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
export type Bend = Schemas['RibbonBend'];
export type Glow = Schemas['Glow'];
export type LetterStyle = Schemas['LetterStyle'];
export type StyleEntry = Schemas['StyleEntry'];
export type SafeAreas = Schemas['SafeAreas'];
export type PictureNote = Schemas['PictureNote'];
export type AddedPicture = Schemas['AddedPicture'];
export type Draft = Schemas['Draft'];
export type GestureEntry = Schemas['GestureEntry'];
export type Travel = Schemas['Travel'];
export type Start = Schemas['Start'];
export type Ease = Schemas['Ease'];
export type Deal = Schemas['Deal'];
export type MoveKey = Schemas['MoveKey'];
export type PhaseDocument = Schemas['OutPhase'] & { length?: number };
export type SwapDocument = Schemas['Swap'];
/** What happens from one filling to another while a graphic stands. */
export type Change = Schemas['ChangeAnswer'];
export type PartChange = Schemas['PartChange'];
/** Values that stand, and the moment at which they are replaced. */
export type Stage = Schemas['Stage'];
export type Guides = Schemas['Guides'];
export type Fit = Schemas['Fit'];
export type Edge = Schemas['Edge'];
export type Rect = Schemas['Rect'];
export type EditWhat = Schemas['EditRequest']['what'];
export type Field = Schemas['Field'];
export type RevisionNote = Schemas['RevisionNote'];
export type Output = Schemas['Output'];
export type AirRules = Schemas['AirRules'];
export type Ahead = Schemas['Ahead'];
export type House = Schemas['House'];
export type MadeColour = Schemas['MadeColour'];
export type PaletteEntry = Schemas['PaletteEntry'];
export type Trial = Schemas['Trial'];
export type Move = Schemas['Move'];
export type DrawnCurve = Schemas['DrawnCurve'];
/** A graphic worked out for one filling, with the curves of its moves. */
export type Worked = Schemas['WorkedOutAnswer'] & { curves: DrawnCurve[] };
export type Reel = Schemas['Reel'];
export type Layer = Schemas['Layer'];
export type Track = Schemas['Track'];
export type Bar = Schemas['Bar'];
/** A word of a text, and when it is spoken. */
export type Spoken = Schemas['Spoken'];
export type RestPart = Schemas['RestAnswer'];
export type Run = Schemas['Run'];
export type GraphicUses = Schemas['UsesAnswer'];
export type Filled = Schemas['Filled'];
export type BundleContents = Schemas['BundleContents'];
export type FontInfo = Schemas['FontAnswer'];
export type Variant = Schemas['Variant'];
export type Stand = Schemas['Stand'];
export type Step = Schemas['Step'];
export type Dial = Schemas['Dial'];
export type Case = Schemas['Case'];
export type Condition = Schemas['Condition'];
/** Which variants are played; an empty name stands for the phase itself. */
export type Played = Schemas['Played'];
export type MapAnswer = Schemas['MapAnswer'];
export type MapEntry = Schemas['Entry'];
export type CheckInfo = Schemas['CheckAnswer'];
export type Proof = Schemas['ProofAnswer'];
/** How much more text a field has room for. */
export type Spare = Schemas['SpareAnswer'];
/** A change of a document by which a finding goes. */
export type Mend = Schemas['MendAnswer'];
export type ProofNote = Schemas['ProofNoteAnswer'];
export type Finding = Schemas['FindingAnswer'];
export type Filling = Schemas['FillingAnswer'];
/** What is on air when a graphic is taken. */
export type Standing = Filling['onAir'];
/** Text by field key. */
export type Values = Record<string, string>;
/** A cue sheet at one of its revisions. */
export type StoredSheet = Schemas['SheetAnswer'];
export type CueSheet = Schemas['SheetJson'];
export type Cue = Schemas['CueJson'];
export type SheetNote = Schemas['SheetNote'];
/** One change of a cue sheet. */
export type SheetEdit = Omit<Schemas['SheetEdit'], 'basedOn' | 'saveId'>;
/** What is filled in a saved graphic, worked out. */
export type FilledIn = Schemas['FilledAnswer'];
/** What the check of a cue came to. */
export type CueCheck = Schemas['CueCheckAnswer'];
export type CueFinding = Schemas['CueFinding'];
export type FillingRequest = Schemas['FillingRequest'];
export type Handover = Schemas['HandoverState'];
export type HandoverRequest = Schemas['HandoverRequest'];
export type HandoverRow = Schemas['HandoverRow'];
export type Feed = Schemas['Feed'];
/** What a feed has said last, and how it stands. */
export type FeedState = Schemas['FeedState'];
export type FeedAnswer = Schemas['FeedAnswer'];
/** What a cue takes from a feed. */
export type Follow = Schemas['FollowJson'];
export type Bound = Schemas['Bound'];
export type Act = Schemas['ActRequest'];
/** A graphic and what is filled in, as it goes on air. */
export type AirFilling = Schemas['Filling'];
/** One thing that was done on air. */
export type LogLine = Schemas['LogLine'];
/** The people of the house, as a table. */
export type People = Schemas['People'];
export type PeopleColumn = Schemas['Column'];
export type TableRow = Schemas['TableRow'];
export type CueRow = Schemas['CueRow'];
/** A word that no dictionary has. */
export type Unknown = Schemas['Unknown'];
export type CueSpelling = Schemas['CueSpelling'];
export type Account = Schemas['AccountAnswer'];
/** What somebody who has signed in may do. */
export type Role = Account['role'];

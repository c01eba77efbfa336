/** The API's shapes under the names the page uses. */
import type { components } from "./generated";

type Schemas = components["schemas"];

export type Piece = Schemas["Piece"];
export type Row = Schemas["Row"];
export type Member = Schemas["Member"];
export type Tool = Schemas["Tool"];
export type Paint = Schemas["Paint"];
export type Ramp = Schemas["Ramp"];
export type Shade = Schemas["PaintShade"] | Schemas["RampShade"];
export type Kit = Schemas["Kit"];
export type Shelf = Schemas["Shelf"];
export type StudioDocument = Piece | Kit | Shelf;
export type Plan = Schemas["PlanAnswer"];
export type PlanRow = Schemas["RowAnswer"];
export type Verdict = Schemas["VerdictAnswer"];
export type Remedy = Schemas["RemedyAnswer"];
export type Change = Schemas["Change"];
export type Alternative = Schemas["AlternativeAnswer"];
export type State = Schemas["StateAnswer"];
export type Saved = Schemas["SavedAnswer"];
export type Edit = Schemas["EditRequest"];
export type Listed = Schemas["PieceListed"];
export type Pattern = Schemas["Pattern"];
export type Revision = Schemas["RevisionAnswer"];
export type Blank = Schemas["Blank"];
export type Outline = Blank["outline"];
export type Relief = Blank["relief"];
export type BlankReport = Schemas["BlankReport"];
export type GuideRequest = Schemas["GuideRequest"];
export type GuidePreview = Schemas["GuidePreview"];
export type Settings = Schemas["StudioAnswer"];
export type Problem = Schemas["Problem"];

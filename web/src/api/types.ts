import type { components } from "./schema";

/** The shapes the API speaks, named as the screens name them. Generated from docs/openapi.json. */
type Schemas = components["schemas"];

export type Build = Omit<Schemas["Build"], "file"> & { file: PlinthFile };
/** The generator lists the schema's own $defs as a member of the file; there is none. */
export type PlinthFile = Omit<Schemas["PlinthFile"], "$defs">;
export type Climate = NonNullable<PlinthFile["climate"]>;
export type Calendar = NonNullable<PlinthFile["calendar"]>;
export type Evaluation = Schemas["Evaluation"];
export type Drawing = Schemas["Drawing"];
export type Section = Schemas["Section"];
export type Stratum = Schemas["Stratum"];
export type Step = Schemas["Step"];
export type After = Schemas["After"];
export type Schedule = Schemas["Schedule"];
export type ScheduledStep = Schemas["ScheduledStep"];
export type ShoppingLine = Schemas["ShoppingLine"];
export type Pool = Schemas["Pool"];
export type Snag = Schemas["Snag"];
export type Fix = Schemas["Fix"];
export type ShelfBuild = Schemas["ShelfBuild"];
export type Catalogue = Schemas["Catalogue"];
export type Material = Schemas["Material"];
export type Problem = Schemas["Problem"];
export type PatchOperation = Schemas["PatchOperation"];

export type Mark = Schemas["Mark"];
export type Judgement = Schemas["Judgement"];
export type Composition = Schemas["Composition"];
export type Balance = Schemas["Balance"];
export type Fit = Schemas["Fit"];
export type SightView = Schemas["SightView"];
export type SightItem = Schemas["SightItem"];
export type Arrangement = Schemas["Arrangement"];
export type Preset = Schemas["Preset"];
export type Presets = Schemas["Presets"];
export type ScaleTable = Schemas["ScaleTable"];
export type ScaleThing = Schemas["ScaleThing"];
export type ScaleLength = Schemas["ScaleLength"];
export type ScaleCheck = Schemas["ScaleCheck"];
export type Relief = Schemas["Relief"];
export type Drainage = Schemas["Drainage"];
export type Solid = Schemas["Solid"];
export type SolidBody = Schemas["SolidBody"];
export type Templates = Schemas["Templates"];
export type TemplatePiece = Schemas["TemplatePiece"];
export type CuttingPlan = Schemas["CuttingPlan"];
export type EdgeSkin = Schemas["EdgeSkin"];
export type SheetStack = Schemas["SheetStack"];
export type SheetStacks = Schemas["SheetStacks"];
export type Sliced = Schemas["Sliced"];
export type Dated = Schemas["Dated"];
export type Busy = Schemas["Busy"];
export type Chance = Schemas["Chance"];
export type Now = Schemas["Now"];
export type Doable = Schemas["Doable"];
export type WetPart = Schemas["WetPart"];
export type Rescue = Schemas["Rescue"];
export type SchoolCost = Schemas["SchoolCost"];
export type SchoolSide = Schemas["SchoolSide"];
export type Batch = Schemas["Batch"];
export type BatchLine = Schemas["BatchLine"];
export type Comparison = Schemas["Comparison"];
export type ComparedSide = Schemas["ComparedSide"];
export type StepMark = Schemas["StepMark"];
export type DryingNote = Schemas["DryingNote"];
export type Entry = Schemas["Entry"];
export type Stocked = Schemas["Stocked"];
export type Plan = Schemas["Plan"];
export type PlannedBuild = Schemas["PlannedBuild"];
export type PlannedWork = Schemas["PlannedWork"];
export type WhyNot = Schemas["WhyNot"];
export type TimelinePart = Schemas["TimelinePart"];
export type UnitCount = Schemas["UnitCount"];

export type Outline = Schemas["outline"];
export type Zone = Schemas["zone"];
export type Course = Schemas["course"];
export type Subject = Schemas["subject"];
export type Feature = Schemas["feature"];
export type Water = Schemas["water"];

export type Point = number[];
/** Where the section is cut: x0, y0, x1, y1 in mm. */
export type CutLine = [number, number, number, number];

/** What stands in an entry of the catalogue, in the order of the form. Kinds: a text, a choice, a number, low-typical-high, tags, or members in JSON. */
export type FieldKind = "text" | "choice" | "number" | "range" | "tags" | "colour" | "json";

export interface Field {
  name: string;
  label: string;
  kind: FieldKind;
  unit?: string;
  options?: string[];
}

const FAMILIES = ["plinth", "bulk", "grain", "pigment", "greenery", "wetting", "fixing", "glue", "paste", "coating", "water"];
const MECHANISMS = ["evaporation", "hydration", "reaction", "uv", "solvent", "oxidation", "none"];

export const MATERIAL: [string, Field[]][] = [
  [
    "What it is",
    [
      { name: "name", label: "Name", kind: "text" },
      { name: "family", label: "Family", kind: "choice", options: FAMILIES },
      { name: "mechanism", label: "Sets by", kind: "choice", options: MECHANISMS },
      { name: "colour", label: "Colour", kind: "colour" },
      { name: "technique", label: "Usual technique", kind: "text" },
      { name: "source", label: "Where the figures are from", kind: "text" },
      { name: "what", label: "What it is sold as", kind: "text" },
      { name: "note", label: "Note", kind: "text" },
    ],
  ],
  [
    "Working and drying, at 20 °C and 50 %",
    [
      { name: "reference_mm", label: "At a thickness of", kind: "number", unit: "mm" },
      { name: "open_min", label: "Workable", kind: "range", unit: "min" },
      { name: "handle_h", label: "Touch-dry", kind: "range", unit: "h" },
      { name: "next_h", label: "Next work", kind: "range", unit: "h" },
      { name: "dry_h", label: "Dry through", kind: "range", unit: "h" },
      { name: "full_h", label: "Full cure", kind: "range", unit: "h" },
      { name: "windows", label: "Windows, minutes from and to", kind: "json" },
      { name: "exponent", label: "Thickness to the power", kind: "number" },
      { name: "max_layer_mm", label: "Largest layer", kind: "number", unit: "mm" },
      { name: "min_layer_mm", label: "Least layer", kind: "number", unit: "mm" },
      { name: "shrinkage_pct", label: "Shrinks by", kind: "number", unit: "%" },
    ],
  ],
  [
    "Body and spread",
    [
      { name: "density_wet", label: "Density, wet", kind: "number", unit: "g/cm³" },
      { name: "density_dry", label: "Density, dry", kind: "number", unit: "g/cm³" },
      { name: "grain_mm", label: "Grain", kind: "range", unit: "mm" },
      { name: "spread_m2_per_l", label: "Covers", kind: "range", unit: "m²/l" },
      { name: "spread_ml_per_dm2", label: "Takes", kind: "range", unit: "ml/dm²" },
      { name: "stock_mm", label: "Stock thicknesses, mm", kind: "json" },
      { name: "pack", label: "Pack", kind: "json" },
      { name: "traits", label: "Traits", kind: "tags" },
      { name: "hazards", label: "Hazards", kind: "tags" },
    ],
  ],
];

export const TECHNIQUE: [string, Field[]][] = [
  [
    "What is done",
    [
      { name: "title", label: "Title of its steps; %{place}, %{material} are filled in", kind: "text" },
      { name: "phase", label: "Phase: what the rules of order speak of", kind: "text" },
      { name: "rig", label: "Tool", kind: "text" },
      { name: "source", label: "Where the figures are from", kind: "text" },
    ],
  ],
  [
    "Time at the bench",
    [
      { name: "setup_min", label: "Setting up", kind: "number", unit: "min" },
      { name: "rate_min", label: "Then, each", kind: "number", unit: "min" },
      { name: "per", label: "Counted by", kind: "choice", options: ["dm2", "each", "dm", "sheet_dm2", "layer_dm2"] },
      { name: "stay_min", label: "Stay by it after", kind: "number", unit: "min" },
      { name: "wait_min", label: "Wait of its own", kind: "number", unit: "min" },
      { name: "coats", label: "Coats", kind: "number" },
    ],
  ],
  [
    "What holds it",
    [
      { name: "glue", label: "Held by", kind: "text" },
      { name: "dries_as", label: "Dries as", kind: "text" },
      { name: "dose_ml_dm2", label: "Dose", kind: "number", unit: "ml/dm²" },
      { name: "dose_ml_each", label: "Dose, each", kind: "number", unit: "ml" },
      { name: "window", label: "Window of the material it must keep", kind: "text" },
    ],
  ],
  [
    "Look, trouble, cautions",
    [
      { name: "look", label: "Look for", kind: "text" },
      { name: "trouble", label: "If it goes wrong: remedy", kind: "text" },
      { name: "cautions", label: "Cautions", kind: "tags" },
    ],
  ],
];

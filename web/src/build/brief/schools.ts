type Key = "mounting" | "texture" | "greenery" | "fixing" | "ground_colour" | "tufts" | "rim";

interface School {
  key: Key;
  name: string;
  sides: [string, string][];
}

/** The choices between accepted ways of working, as the file has them. Which side holds when the maker does not say comes with the evaluation. */
export const SCHOOLS: School[] = [
  {
    key: "mounting",
    name: "Mounting the subject",
    sides: [
      ["before_painting", "before painting: one firm unit"],
      ["after_painting", "after painting: free access"],
      ["painted_then_grounded", "painted, then ground laid round it"],
    ],
  },
  {
    key: "texture",
    name: "Texture",
    sides: [
      ["before_priming", "before priming: primer binds it"],
      ["after_priming", "after priming: coloured paste"],
    ],
  },
  {
    key: "greenery",
    name: "Greenery",
    sides: [
      ["after_painting", "after painting: fibre colours"],
      ["before_priming", "before priming: sprayed over"],
    ],
  },
  {
    key: "fixing",
    name: "Loose grain is held by",
    sides: [
      ["wetted_flood", "mist and flood: deep, a night's wait"],
      ["thin_superglue", "thin superglue: minutes, fumes"],
      ["drop_in_binder", "dropped into glue: simple, two coats"],
    ],
  },
  {
    key: "ground_colour",
    name: "Ground colour",
    sides: [
      ["painted", "painted: repeatable"],
      ["natural", "natural: quick, glue darkens it"],
    ],
  },
  {
    key: "tufts",
    name: "Tufts",
    sides: [
      ["glued", "glued: last"],
      ["self_adhesive", "self-adhesive: quick, let go in time"],
    ],
  },
  {
    key: "rim",
    name: "Rim",
    sides: [
      ["black", "black: frames it"],
      ["earth", "earth: continues the ground"],
      ["bare", "bare: least work"],
    ],
  },
];

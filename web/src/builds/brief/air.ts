import type { Catalogue, Climate, PlinthFile } from "../../api/types";
import { usualOf, usualWork } from "../../common/catalogue";

export type Air = Required<Climate>;

/** The workshop's air: as the file has it, or as it usually is. */
export function airOf(catalogue: Catalogue, { climate }: PlinthFile): Air {
  const usual = usualWork(catalogue, "climate");
  return {
    temperature_c: climate?.temperature_c ?? (usual?.temperature_c as number),
    humidity_pct: climate?.humidity_pct ?? (usual?.humidity_pct as number),
    airflow: climate?.airflow ?? (usualOf(catalogue, "airs") as Air["airflow"]),
  };
}

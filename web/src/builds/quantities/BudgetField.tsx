import { NumberField } from "../../common/NumberField";
import { preferred } from "../../common/preferences";
import { currency } from "../../common/words";
import { useBuildSession, useFile } from "../useSession";

/** What may be spent on the build, in the reader's money. */
export function BudgetField() {
  const session = useBuildSession();
  const { limits } = useFile();
  const minor = 10 ** currency(preferred("currency")).decimals;
  const put = (value: number) =>
    session.edit("Change the budget", [
      limits ? { op: "add", path: "/limits/budget_minor", value } : { op: "add", path: "/limits", value: { budget_minor: value } },
    ]);
  return (
    <NumberField
      label="May cost"
      unit={preferred("currency")}
      min={0}
      step={5}
      width={150}
      empty="no limit"
      value={limits?.budget_minor === undefined ? undefined : limits.budget_minor / minor}
      onChange={(value) => put(Math.round(value * minor))}
      onClear={() =>
        limits?.budget_minor !== undefined &&
        session.edit("Drop the budget", [{ op: "remove", path: Object.keys(limits).length === 1 ? "/limits" : "/limits/budget_minor" }])
      }
    />
  );
}

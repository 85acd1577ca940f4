import { api } from "../../api/client";
import { useCatalogue } from "../../common/catalogue";
import { useBuild } from "../useSession";
import { DownloadLink } from "./DownloadLink";

/** What the build can be taken away as, where this part of its screen is what it is made from. */
export function ExportLinks({ beside, paper }: { beside: string; paper?: string }) {
  const { id } = useBuild();
  return useCatalogue()
    .exports.filter((one) => one.beside === beside)
    .map(({ format, name, ending, papers }) => (
      <DownloadLink key={format} href={api.exported(id, format, papers.length ? paper : undefined)}>
        {name} ({ending.replace(/^.*\./, ".")})
      </DownloadLink>
    ));
}

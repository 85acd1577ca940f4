import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import Typography from "@mui/material/Typography";
import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useNavigate } from "react-router";
import { api, Refused } from "../api/client";
import type { Problem, ShelfBuild } from "../api/types";
import { Brand } from "../common/Brand";
import { FileButton } from "../common/FileButton";
import { KeyboardHelp, useHelp } from "../common/KeyboardHelp";
import { usePageTitle } from "../common/usePageTitle";
import { useThemeMode } from "../common/useThemeMode";
import { WorkshopNav } from "../common/WorkshopNav";
import { count } from "../common/words";
import { BuildCard } from "./BuildCard";
import { DeletedBuilds } from "./DeletedBuilds";
import { Everything } from "./Everything";
import { FirstWalk } from "./FirstWalk";
import { ShelfTools } from "./ShelfTools";
import { useShelf } from "./useShelf";

const MOST_BYTES = 2_000_000;

/** Every build: what is wet, what is next, what is late. */
export function ShelfPage() {
  usePageTitle("Shelf");
  const client = useQueryClient();
  const navigate = useNavigate();
  const shelf = useShelf();
  const [problem, setProblem] = useState<Problem | string | null>(null);
  const [said, setSaid] = useState<string | null>(null);
  const { toggle } = useThemeMode();
  const help = useHelp((state) => state.show);
  const failed = (error: unknown) => setProblem(error instanceof Refused ? error.problem : (error as Error).message);
  const samples = useMutation({
    mutationFn: api.samples,
    onSuccess: ({ kept }) => {
      void client.invalidateQueries({ queryKey: ["shelf"] });
      setSaid(kept.length ? `You had changed ${kept.length === 1 ? "one of them" : "some of them"}: kept as ${kept.join("; ")}.` : null);
    },
    onError: failed,
  });
  const again = () => {
    void client.invalidateQueries({ queryKey: ["shelf"] });
    void client.invalidateQueries({ queryKey: ["deleted"] });
  };
  const remove = useMutation({ mutationFn: api.remove, onSuccess: again, onError: failed });

  const copy = useMutation({
    mutationFn: async (build: ShelfBuild) => {
      const { file } = await api.build(build.id, null);
      return api.create({ ...file, title: `${file.title}, variant` });
    },
    onSuccess: () => client.invalidateQueries({ queryKey: ["shelf"] }),
    onError: failed,
  });

  async function read(chosen: File) {
    setProblem(null);
    if (chosen.size > MOST_BYTES)
      return setProblem(`${chosen.name} is ${(chosen.size / 1e6).toFixed(1)} MB; a plinth file is 2 MB at the most.`);
    try {
      const build = await api.create(await chosen.text());
      navigate(`/builds/${build.id}`);
    } catch (error) {
      failed(error);
    }
  }

  return (
    <Box sx={{ maxWidth: 1240, mx: "auto", p: 2 }}>
      <Stack component="header" direction="row" sx={{ alignItems: "center", gap: 2, mb: 1.25 }}>
        <Brand component={Link} to="/" />
        <WorkshopNav />
      </Stack>
      <Stack direction="row" sx={{ alignItems: "center", gap: 2, flexWrap: "wrap", mb: 2 }}>
        <Box sx={{ flex: 1 }}>
          <Typography variant="h1">Shelf</Typography>
          {shelf.total !== null && (
            <Typography color="text.secondary" sx={{ whiteSpace: "nowrap" }}>
              {count(shelf.total, "build")}
              {shelf.search && ` with “${shelf.search}”`}
            </Typography>
          )}
        </Box>
        <FileButton label="Open a plinth file" file="Plinth file" accept=".json,application/json" onFile={read} />
        <Button onClick={() => samples.mutate()} disabled={samples.isPending}>
          Put the samples back
        </Button>
        <Button onClick={toggle} aria-label="Light or dark" sx={{ minWidth: 40, fontSize: 18 }}>
          ◐
        </Button>
        <Button onClick={help} aria-label="Keys" sx={{ minWidth: 40, fontSize: 18 }}>
          ?
        </Button>
        <Button variant="contained" size="large" component={Link} to="/new">
          New build
        </Button>
      </Stack>
      {said && (
        <Alert severity="info" onClose={() => setSaid(null)} sx={{ mb: 2 }}>
          {said}
        </Alert>
      )}
      {problem && <ProblemNote problem={problem} onClose={() => setProblem(null)} />}
      <Box component="main">
        {shelf.error && (
          <Alert severity="error" action={<Button onClick={shelf.again}>Try again</Button>}>
            The shelf cannot be read: {shelf.error.message}
          </Alert>
        )}
        <ShelfTools shelf={shelf} />
        <FirstWalk build={shelf.builds[0]} />
        {shelf.total === 0 && (
          <Typography sx={{ py: 6, textAlign: "center" }}>
            {shelf.search
              ? `No build has “${shelf.search}” in its title.`
              : "Nothing on the shelf yet. Begin with a new build, or put the samples back to look round."}
          </Typography>
        )}
        <Box sx={{ display: "grid", gridTemplateColumns: "repeat(auto-fill, minmax(280px, 1fr))", gap: 2 }}>
          {shelf.builds.map((build) => (
            <BuildCard key={build.id} build={build} onCopy={() => copy.mutate(build)} onDelete={() => remove.mutate(build.id)} />
          ))}
        </Box>
        {shelf.more && (
          <Box ref={shelf.foot} sx={{ py: 2, textAlign: "center" }}>
            <Button onClick={shelf.fetchMore} disabled={shelf.fetchingMore}>
              {shelf.fetchingMore ? "More come…" : `Show more of ${shelf.total}`}
            </Button>
          </Box>
        )}
        <DeletedBuilds onBack={again} onProblem={failed} />
        <Everything onTaken={again} onProblem={failed} />
      </Box>
      <KeyboardHelp />
    </Box>
  );
}

function ProblemNote({ problem, onClose }: { problem: Problem | string; onClose: () => void }) {
  const list = typeof problem === "string" ? [] : (problem.problems ?? []);
  return (
    <Alert severity="error" onClose={onClose} sx={{ mb: 2 }}>
      {list.length === 0 ? (
        typeof problem === "string" ? (
          problem
        ) : (
          problem.detail
        )
      ) : (
        <>
          The file was not taken. {count(list.length, "thing")} to mend in it:
          <Box component="ul" sx={{ m: 0, pl: 2.5, maxHeight: 220, overflowY: "auto" }}>
            {list.map((one) => (
              <li key={one.pointer + one.message}>
                <code>{one.pointer || "/"}</code> {one.message}
              </li>
            ))}
          </Box>
        </>
      )}
    </Alert>
  );
}

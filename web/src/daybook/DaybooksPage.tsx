import Box from "@mui/material/Box";
import { useTheme } from "@mui/material/styles";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useDeferredValue, useState } from "react";
import { Link, useSearchParams } from "react-router";
import { api } from "../api/client";
import { PageHead } from "../common/PageHead";
import { count, momentWords } from "../common/words";
import { LearntList } from "./LearntList";

/** Over all builds: what was done with which material, what went wrong, what was noted. */
export function DaybooksPage() {
  const [search, setSearch] = useSearchParams();
  const { tints } = useTheme();
  // What is typed stands at once; the address follows.
  const [words, setWords] = useState(search.get("search") ?? "");
  const asked = useDeferredValue(words);
  const { data } = useQuery({ queryKey: ["remembered", asked], queryFn: () => api.remembered(asked), placeholderData: keepPreviousData });
  return (
    <Box component="main" sx={{ maxWidth: 1080, mx: "auto", p: 2.5 }}>
      <PageHead title="Daybook">
        <TextField
          type="search"
          label="What did I …?"
          placeholder="gravel glue"
          value={words}
          onChange={(event) => {
            setWords(event.target.value);
            setSearch(event.target.value ? { search: event.target.value } : {}, { replace: true });
          }}
          sx={{ minWidth: 280 }}
        />
      </PageHead>
      <Typography role="status" color="text.secondary">
        {data
          ? data.found.length
            ? `${count(data.found.length, "thing")}, the newest first`
            : "Nothing like it has happened yet."
          : "Looking…"}
      </Typography>
      {data?.found.map((one) => (
        <Box
          key={`${one.build}${one.at}${one.kind}${one.step}`}
          sx={{ display: "flex", gap: 2, borderBottom: 1, borderColor: tints.line, py: 1 }}
        >
          {one.picture && (
            <Box
              component="img"
              src={`/api/builds/${one.build}/small-picture/${one.picture}`}
              alt={one.text || "Photograph"}
              sx={{ width: 120, height: 90, objectFit: "cover" }}
            />
          )}
          <Box sx={{ flex: 1, minWidth: 0 }}>
            <Typography>
              <b>{one.title ?? one.text}</b>
              {one.title && one.text ? `: ${one.text}` : ""}
              {one.kind === "redone" && (
                <Box component="span" sx={{ color: tints.trouble }}>
                  {" "}
                  ▲ went wrong
                </Box>
              )}
            </Typography>
            {one.materials.length > 0 && <Typography color="text.secondary">With {one.materials.join(", ")}</Typography>}
            <Typography color="text.secondary">
              {momentWords(one.at)},{" "}
              <Link to={`/builds/${one.build}/daybook`} style={{ color: "inherit" }}>
                {one.build_title}
              </Link>
            </Typography>
          </Box>
        </Box>
      ))}
      <LearntList />
    </Box>
  );
}

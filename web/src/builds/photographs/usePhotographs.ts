import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { api, Refused } from "../../api/client";
import type { BenchEvent } from "../../api/types";
import { onSent } from "../../bench/outbox";
import { useTell } from "../bench/useTell";
import { useOfBuild } from "../useSession";

/** What a camera makes and the server reads. */
export const PICTURES = "image/jpeg,image/png,image/webp";

/** The photographs of the build, and what they are for. */
export function usePhotographs() {
  const id = useOfBuild((build) => build.id);
  const version = useOfBuild((build) => build.version);
  const client = useQueryClient();
  useEffect(() => onSent((build) => void (build === id && client.invalidateQueries({ queryKey: ["pictures", id] }))), [client, id]);
  const { data } = useQuery({ queryKey: ["pictures", id, version], queryFn: () => api.pictures(id), placeholderData: (old) => old });
  return data ?? null;
}

/** Takes a photograph in and tells what it is for; answers with its number, or null and says why not. */
export function useAddPhotograph() {
  const id = useOfBuild((build) => build.id);
  const tell = useTell();
  const client = useQueryClient();
  const [problem, setProblem] = useState<string | null>(null);
  async function add(file: File, data: BenchEvent["data"] | null): Promise<number | null> {
    try {
      const picture = await api.addPicture(id, file);
      if (data) await tell("pictured", { data: { ...data, picture: picture.number } });
      setProblem(null);
      await client.invalidateQueries({ queryKey: ["pictures", id] });
      return picture.number;
    } catch (error) {
      setProblem(
        error instanceof Refused
          ? (error.problem.problems?.map((one) => one.message).join("; ") ?? error.problem.detail)
          : "The server cannot be reached: a photograph needs it. Choose it again in a moment.",
      );
      return null;
    }
  }
  return { add, problem };
}

export const pictureUrl = (build: number, picture: number, small = false): string =>
  `/api/builds/${build}/${small ? "small-picture" : "picture"}/${picture}`;

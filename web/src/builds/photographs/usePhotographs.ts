import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { api, Refused } from "../../api/client";
import type { BenchEvent } from "../../api/types";
import { onSent } from "../../bench/outbox";
import { addPicture, sendPictures, usePictures } from "../../bench/pictures";
import { count } from "../../common/words";
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

/** Takes a photograph in and tells what it is for; answers with its number, or that it waits; null where it was refused. */
export function useAddPhotograph() {
  const id = useOfBuild((build) => build.id);
  const client = useQueryClient();
  const { waiting, refused } = usePictures();
  const [problem, setProblem] = useState<string | null>(null);
  useEffect(() => void sendPictures(), []);
  async function add(file: File, data: BenchEvent["data"] | null): Promise<number | "waits" | null> {
    try {
      const number = await addPicture(id, file, data);
      setProblem(null);
      await client.invalidateQueries({ queryKey: ["pictures", id] });
      return number ?? "waits";
    } catch (error) {
      if (!(error instanceof Refused)) throw error;
      setProblem(error.problem.problems?.map((one) => one.message).join("; ") ?? error.problem.detail);
      return null;
    }
  }
  const waits = waiting
    ? `Without the server: ${count(waiting, "photograph")} kept on this device, sent when it is back.`
    : refused
      ? `Not taken: ${refused}`
      : null;
  return { add, problem: problem ?? waits };
}

export const pictureUrl = (build: number, picture: number, small = false): string =>
  `/api/builds/${build}/${small ? "small-picture" : "picture"}/${picture}`;

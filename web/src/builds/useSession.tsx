import { createContext, useContext } from "react";
import { useStore } from "zustand";
import type { Build, PlinthFile } from "../api/types";
import type { OpenSession } from "./session";
import type { Session } from "./sessionState";

const Context = createContext<OpenSession | null>(null);
export const SessionProvider = Context.Provider;

export function useBuildSession(): OpenSession {
  const session = useContext(Context);
  if (!session) throw new Error("Wrap this in a SessionProvider.");
  return session;
}

export function useSession<T>(pick: (state: Session) => T): T {
  return useStore(useBuildSession().store, pick);
}

/** Inside the build screen, which shows only once the build is there. */
export const useBuild = (): Build => useSession((state) => state.build as Build);
/** One thing of the build: drawn anew only when that is another. */
export const useOfBuild = <T,>(pick: (build: Build) => T): T => useSession((state) => pick(state.build as Build));
export const useFile = (): PlinthFile => useSession((state) => state.file as PlinthFile);
/** Id of what is shown of the build by itself, for questions to the server; undefined: the build itself. */
export const useOf = (): string | undefined => useSession((state) => state.within ?? undefined);
export const useSelection = () => useSession((state) => state.selection);

/** Whether a part is the selected one, holds it, or lies in it. */
export function related(pointer: string, selected: string | null): boolean {
  return selected !== null && (pointer === selected || pointer.startsWith(`${selected}/`) || selected.startsWith(`${pointer}/`));
}

/** Whether a part is the selected one or lies in it. */
export function within(pointer: string, selected: string | null): boolean {
  return selected !== null && (pointer === selected || pointer.startsWith(`${selected}/`));
}

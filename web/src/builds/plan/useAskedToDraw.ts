import { create } from "zustand";

/** A part whose outline some other view asks to have drawn on the plan, by its JSON pointer; null: nobody asks. */
export const useAskedToDraw = create<{ pointer: string | null }>(() => ({ pointer: null }));

export const askToDraw = (pointer: string | null) => useAskedToDraw.setState({ pointer });

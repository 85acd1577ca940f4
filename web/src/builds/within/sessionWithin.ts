import { createStore } from "zustand/vanilla";
import type { CutLine, PatchOperation } from "../../api/types";
import type { OpenSession } from "../session";
import { type Session, toggled } from "../sessionState";
import { buildWithin, fileWithin, patchWithin } from "./within";

/** The session of a build, seen from what is composed by itself within it: pages draw and edit that as if it were the build. */
export class SessionWithin implements OpenSession {
  readonly store;
  private silence: (() => void) | undefined;
  private last: { build: Session["build"]; file: Session["file"]; seen: Session } | null = null;

  constructor(
    private readonly whole: OpenSession,
    readonly id: string,
  ) {
    this.store = createStore<Session>(() => this.seen(null));
  }

  /** Follows the whole until it is left. */
  follow(): () => void {
    this.silence = this.whole.store.subscribe(() => this.store.setState(this.seen(this.store.getState())));
    this.store.setState(this.seen(this.store.getState()));
    return () => this.silence?.();
  }

  edit = (label: string, patch: PatchOperation[]) => this.whole.edit(label, this.wholePatch(patch));

  wholePatch(patch: PatchOperation[]): PatchOperation[] {
    const { file } = this.whole.store.getState();
    const pointer = this.pointer;
    return file && pointer ? patchWithin(file, pointer, patch) : [];
  }

  select(pointer: string | null, step: string | null = null) {
    this.store.setState({ selection: { pointer, step } });
  }

  selectAlso(part: string) {
    this.store.setState({ selection: toggled(this.store.getState().selection, part) });
  }

  move = (direction: "undo" | "redo") => this.whole.move(direction);
  cutAt = (cuts: CutLine[]) => this.whole.cutAt(cuts);
  enter = (id: string | null) => this.whole.enter(id);
  settle = (choice: "theirs" | "mine") => this.whole.settle(choice);
  hideRefusal = () => this.whole.hideRefusal();
  refresh = () => this.whole.refresh();

  private get pointer(): string | null {
    const { file } = this.whole.store.getState();
    for (const list of ["variants", "bodies"] as const) {
      const index = file?.[list]?.findIndex((one) => one.id === this.id) ?? -1;
      if (index >= 0) return `/${list}/${index}`;
    }
    return null;
  }

  /** What it shows now; of the same build and file the same objects. */
  private seen(before: Session | null): Session {
    const whole = this.whole.store.getState();
    const selection = before?.selection ?? { pointer: null, step: null };
    if (this.last && this.last.build === whole.build && this.last.file === whole.file)
      return { ...whole, root: this.last.seen.root, build: this.last.seen.build, file: this.last.seen.file, selection };
    const within = whole.build?.within.find((one) => one.id === this.id);
    const pointer = this.pointer;
    const file = whole.file && pointer ? fileWithin(whole.file, pointer) : null;
    const root = within?.place ? within.pointer : "";
    const seen: Session = { ...whole, root, build: whole.build && within ? buildWithin(whole.build, within) : null, file, selection };
    this.last = { build: whole.build, file: whole.file, seen };
    return seen;
  }
}

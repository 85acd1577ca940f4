/** What the fields of a part are given: the part as it stands in the file, and how to change a member of it. */
export interface PartFields {
  // biome-ignore lint/suspicious/noExplicitAny: a part of any kind; the schema holds its shape
  part: Record<string, any>;
  put: (key: string, value: unknown, label?: string) => void;
}

import Button, { type ButtonProps } from "@mui/material/Button";
import { useRef } from "react";

interface Props extends Pick<ButtonProps, "size" | "variant" | "disabled"> {
  /** On the button. */
  label: string;
  /** What the file is, for those who do not see the button. */
  file: string;
  accept: string;
  onFile: (file: File) => void;
}

/** A button that asks for a file; the same file may be chosen twice running. */
export function FileButton({ label, file, accept, onFile, size, variant, disabled }: Props) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button size={size} variant={variant} disabled={disabled} onClick={() => input.current?.click()}>
        {label}
      </Button>
      <input
        ref={input}
        type="file"
        accept={accept}
        hidden
        aria-label={file}
        onChange={(event) => {
          const chosen = event.target.files?.[0];
          if (chosen) onFile(chosen);
          event.target.value = "";
        }}
      />
    </>
  );
}

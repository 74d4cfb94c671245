import { useRef, type ReactNode } from "react";
import { TAKEN } from "../api/photographs";

interface Pictures {
  /** Opens the device's own choice of pictures; a telephone offers its camera. */
  choose: () => void;
  /** To be put anywhere on the screen; it is not seen. */
  input: ReactNode;
}

/** Pictures chosen from the device. */
export function usePictures(label: string, onFiles: (files: File[]) => void, multiple = false): Pictures {
  const chooser = useRef<HTMLInputElement>(null);
  return {
    choose: () => chooser.current?.click(),
    input: (
      <input
        ref={chooser}
        type="file"
        accept={TAKEN}
        multiple={multiple}
        hidden
        aria-label={label}
        onChange={(event) => {
          const files = [...(event.target.files ?? [])];
          event.target.value = "";
          if (files.length > 0) onFiles(files);
        }}
      />
    ),
  };
}

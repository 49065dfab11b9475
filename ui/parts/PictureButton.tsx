import { Camera } from "lucide-react";

interface Props {
  readonly label: string;
  /** Of a phone at the wall: the camera comes first. */
  readonly fromCamera?: boolean;
  readonly onPicture: (file: File) => void;
}

/** Asks for a picture; the same one may be chosen again. */
export const PictureButton = ({ label, fromCamera = false, onPicture }: Props) => (
  <label className="link-button cursor-pointer justify-self-start focus-within:outline-2 focus-within:outline-violet">
    <Camera size={17} aria-hidden /> {label}
    <input
      type="file"
      aria-label={label}
      accept="image/*"
      {...(fromCamera && { capture: "environment" as const })}
      className="sr-only"
      onChange={({ currentTarget }) => {
        const [file] = currentTarget.files ?? [];
        if (file) onPicture(file);
        currentTarget.value = "";
      }}
    />
  </label>
);

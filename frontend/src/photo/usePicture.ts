/** The picture in a file, once the browser knows its size. */
import { useEffect, useState } from "react";
import type { Picture } from "./PhotoStage";

export function usePicture(file: File): Picture | null {
  const [picture, setPicture] = useState<Picture | null>(null);
  useEffect(() => {
    const url = URL.createObjectURL(file);
    const image = new Image();
    image.onload = () => setPicture({ url, width: image.naturalWidth, height: image.naturalHeight });
    image.onerror = () => setPicture({ url, width: 4, height: 3 }); // what is wrong with it the server says
    image.src = url;
    return () => URL.revokeObjectURL(url);
  }, [file]);
  return picture;
}

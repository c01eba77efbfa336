/** The picture in a file, once it is known how large it is: as the browser shows it, else as the server makes it show. */
import { useEffect, useState } from "react";
import { posted } from "../api/client";
import type { Picture } from "./PhotoStage";

export function usePicture(file: File): Picture | null {
  const [picture, setPicture] = useState<Picture | null>(null);
  useEffect(() => {
    const made: string[] = [];
    const gone = new AbortController();
    const show = (data: Blob, otherwise: () => void) => {
      if (gone.signal.aborted) return;
      const url = URL.createObjectURL(data);
      made.push(url);
      const image = new Image();
      image.onload = () => setPicture({ url, width: image.naturalWidth, height: image.naturalHeight });
      image.onerror = otherwise;
      image.src = url;
    };
    const unseen = () => setPicture({ url: made[0] ?? "", width: 4, height: 3 }); // what is wrong the server says
    show(file, () => void anywhere(file, gone.signal).then((data) => show(data, unseen), unseen));
    return () => {
      gone.abort();
      for (const url of made) URL.revokeObjectURL(url);
    };
  }, [file]);
  return picture;
}

/** As a JPEG. */
async function anywhere(file: File, signal: AbortSignal): Promise<Blob> {
  return (await posted("/api/photo/shown", file, signal)).blob();
}

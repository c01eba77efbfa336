/** Keeps the screen lit: by the browser's own lock, else by a silent film that plays for ever. */
import { useEffect, useState } from "react";
import film from "./awake.webm";

/** Null while it is tried. */
export type Awake = "lock" | "film" | "neither" | null;

export function useAwake(): Awake {
  const [how, setHow] = useState<Awake>(null);
  useEffect(() => {
    let over = false;
    let lock: WakeLockSentinel | null = null;
    let video: HTMLVideoElement | null = null;
    const ask = async () => {
      if (document.visibilityState !== "visible" || over) return;
      try {
        lock = await navigator.wakeLock.request("screen");
        if (over) await lock.release();
        else setHow("lock");
      } catch {
        // no lock on this address, or not now
        video ??= silent();
        const playing = await video.play().then(
          () => true,
          () => false,
        );
        if (!over) setHow(playing ? "film" : "neither");
      }
    };
    void ask();
    document.addEventListener("visibilitychange", ask); // a lock ends when the page is hidden
    document.addEventListener("pointerdown", ask, { once: true }); // some browsers play only after a touch
    return () => {
      over = true;
      document.removeEventListener("visibilitychange", ask);
      document.removeEventListener("pointerdown", ask);
      void lock?.release();
      video?.remove();
    };
  }, []);
  return how;
}

function silent(): HTMLVideoElement {
  const video = document.createElement("video");
  video.className = "awake-film";
  video.src = film;
  video.loop = true;
  video.muted = true;
  video.playsInline = true;
  video.setAttribute("aria-hidden", "true");
  document.body.append(video);
  return video;
}

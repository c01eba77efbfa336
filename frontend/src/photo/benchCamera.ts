/** Pictures that the simulated camera on the bench takes. */
import { client, need } from "../api/client";

const SEEDS = 1_000_000;

/** A stone beside the scale card, another one each time. */
export function stonePicture(): Promise<File> {
  const query = { seed: anySeed() };
  return taken(need(client.GET("/api/bench-camera/stone", { params: { query }, parseAs: "blob" })), query.seed);
}

/** The practice sheet of this number, painted by a made-up hand. */
export function sheetPicture(number: number): Promise<File> {
  const query = { number, seed: anySeed() };
  return taken(need(client.GET("/api/bench-camera/sheet", { params: { query }, parseAs: "blob" })), query.seed);
}

const anySeed = () => Math.floor(Math.random() * SEEDS);

async function taken(picture: Promise<unknown>, seed: number): Promise<File> {
  return new File([(await picture) as Blob], `bench camera ${seed}.jpg`, { type: "image/jpeg" });
}

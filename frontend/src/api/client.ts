/** Typed requests. A refusal becomes a `Refusal` with the server's own sentence. */
import createClient from "openapi-fetch";
import { spokenText, useUnits } from "../studio/units";
import type { paths } from "./generated";
import type { Problem } from "./types";

export const client = createClient<paths>({ baseUrl: "/" });

export class Refusal extends Error {
  readonly code: string;
  readonly field: string;
  readonly status: number;
  constructor(problem: Problem, status: number) {
    super(spokenText(problem.message, useUnits.getState().units)); // lengths stand in braces, in mm
    this.status = status;
    this.code = problem.code;
    this.field = problem.field;
  }
}

/** The server could not be reached at all. */
export class Unreachable extends Error {
  constructor() {
    super("The studio's server does not answer. Your work is kept in this browser and sent when it returns.");
  }
}

interface Answer<T> {
  data?: T;
  error?: unknown;
  response: Response;
}

/** The data of an answer, or an error whose message can be shown. */
export async function need<T>(request: Promise<Answer<T>>): Promise<T> {
  const answer = await request.catch((cause: unknown) => {
    if (cause instanceof DOMException && cause.name === "AbortError") throw cause;
    throw new Unreachable();
  });
  if (answer.response.ok) return answer.data as T;
  throw new Refusal(problemIn(answer.error, answer.response.status), answer.response.status);
}

function problemIn(error: unknown, status: number): Problem {
  if (typeof error === "object" && error !== null && "message" in error) return error as Problem;
  return { code: "request", field: "", message: `The server answered with an error (${status}).` };
}

/** A file made by the server from a JSON body, handed to the browser as a download. */
export async function download(url: string, body: unknown, name: string): Promise<void> {
  keepFile(await (await posted(url, body)).blob(), name);
}

interface ToldLine {
  done?: number;
  of?: number;
  zip?: string;
  problem?: Problem;
}

/** A ZIP that the server tells of line by line while it is made. */
export async function downloadTold(
  url: string,
  body: unknown,
  name: string,
  told: (done: number, of: number) => void,
  signal?: AbortSignal,
): Promise<void> {
  const reader = (await posted(url, body, signal)).body!.pipeThrough(new TextDecoderStream()).getReader();
  let rest = "";
  for (;;) {
    const { done, value } = await reader.read().catch(() => ({ done: true, value: undefined }));
    const lines = (rest + (value ?? "")).split("\n");
    rest = lines.pop() ?? "";
    for (const line of lines) {
      const said = JSON.parse(line) as ToldLine;
      if (said.zip) return keepFile(new Blob([bytes(said.zip)], { type: "application/zip" }), name);
      if (said.problem) throw new Refusal(said.problem, 422);
      told(said.done ?? 0, said.of ?? 0);
    }
    if (done) throw new Error("The answer broke off before the file was whole. Try it again.");
  }
}

/** The answer to a POST of JSON, or of a file as it is; a refusal is thrown. */
export async function posted(url: string, body: unknown, signal?: AbortSignal): Promise<Response> {
  const file = body instanceof Blob;
  const headers = { "content-type": file ? "application/octet-stream" : "application/json" };
  const sent = file ? body : JSON.stringify(body);
  const response = await fetch(url, { method: "POST", headers, body: sent, signal }).catch(() => {
    throw new Unreachable();
  });
  if (!response.ok) throw new Refusal(problemIn(await response.json(), response.status), response.status);
  return response;
}

/** What the server reads off a file, such as a photograph. */
export async function readOff<T>(url: string, file: Blob, signal?: AbortSignal): Promise<T> {
  return (await (await posted(url, file, signal)).json()) as T;
}

function bytes(base64: string): Uint8Array<ArrayBuffer> {
  return Uint8Array.from(atob(base64), (letter) => letter.charCodeAt(0));
}

/** A file of this name for the browser's downloads. */
export function keepFile(data: Blob, name: string): void {
  const link = document.createElement("a");
  link.href = URL.createObjectURL(data);
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(link.href), 10_000);
}

/** An id that nobody else makes: 128 random bits. Not crypto.randomUUID, which pages on a plain LAN address lack. */
export function newToken(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(16));
  return Array.from(bytes, (byte) => byte.toString(16).padStart(2, "0")).join("");
}

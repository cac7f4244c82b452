/** A file as text that JSON can hold. */
export async function base64(file: File): Promise<string> {
  const bytes = new Uint8Array(await file.arrayBuffer());
  const parts: string[] = [];
  for (let at = 0; at < bytes.length; at += 0x8000) {
    parts.push(String.fromCharCode(...bytes.subarray(at, at + 0x8000)));
  }
  return btoa(parts.join(''));
}

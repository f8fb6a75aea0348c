/** A message file: `name=text` in each line, and lines that begin with `#`. */
export function messages(text: string): Map<string, string> {
  const out = new Map<string, string>();
  for (const line of text.split('\n')) {
    const at = line.indexOf('=');
    if (at > 0 && !line.startsWith('#')) out.set(line.slice(0, at), line.slice(at + 1));
  }
  return out;
}

interface Words {
  readonly text: string;
}

/** Parts of a sentence, words and blanks, so that each blank keeps the stop that follows it and no line begins with one. */
export function withStops<Blank extends object>(
  parts: readonly (Words | Blank)[],
): (Words | (Blank & { readonly after: string }))[] {
  const isWords = (part: Words | Blank | undefined): part is Words => part !== undefined && 'text' in part;
  return parts.map((part, i) => {
    if (isWords(part)) {
      const first = i === 0 || isWords(parts[i - 1]);
      return { text: first ? part.text : part.text.replace(/^[.,]/, '') };
    }
    const next = parts[i + 1];
    return { ...part, after: isWords(next) ? (/^[.,]/.exec(next.text)?.[0] ?? '') : '' };
  });
}

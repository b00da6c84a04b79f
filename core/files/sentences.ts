/** A JSON pointer in words: `/pieces/3/form/sizes` → `pieces, number 4, form, sizes`. */
function placeInWords(pointer: string, record: unknown): string {
  const parts = pointer.split('/').slice(1);
  let at: unknown = record;
  const words: string[] = [];
  for (const part of parts) {
    at = (at as Record<string, unknown> | undefined)?.[part];
    const named = (at as { name?: unknown } | undefined)?.name;
    if (/^\d+$/.test(part))
      words.push(typeof named === 'string' && named ? `“${named}”` : `number ${Number(part) + 1}`);
    else words.push(part);
  }
  return words.join(', ');
}

export interface SchemaError {
  readonly instancePath: string;
  readonly keyword: string;
  readonly params: Record<string, unknown>;
}

/** What a schema found wrong, in one sentence that names the place. */
export function sentence(error: SchemaError, record: unknown): string {
  const where = error.instancePath ? `In ${placeInWords(error.instancePath, record)}: ` : '';
  const { params } = error;
  switch (error.keyword) {
    case 'required':
      return `${where}“${String(params.missingProperty)}” is missing.`;
    case 'additionalProperties':
      return `${where}“${String(params.additionalProperty)}” does not belong there.`;
    case 'enum':
      return `${where}it has to be one of ${(params.allowedValues as string[]).slice(0, 12).join(', ')}.`;
    case 'const':
      return `${where}it has to be ${JSON.stringify(params.allowedValue)}.`;
    case 'minimum':
      return `${where}it has to be at least ${String(params.limit)}.`;
    case 'maximum':
      return `${where}it has to be at most ${String(params.limit)}.`;
    case 'type':
      return `${where}it has to be ${params.type === 'integer' ? 'a whole number' : `a ${String(params.type)}`}.`;
    case 'maxItems':
      return `${where}there are more than ${String(params.limit)}.`;
    case 'minItems':
      return `${where}there are fewer than ${String(params.limit)}.`;
    case 'minLength':
      return `${where}it is empty.`;
    case 'maxLength':
      return `${where}it is longer than ${String(params.limit)} letters.`;
    default:
      return `${where}it is not written as it has to be.`;
  }
}

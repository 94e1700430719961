/** Codes as they are read where they have no words of their own: hyphens are for machines. */
export const codeWords = (code: string): string => code.replaceAll('-', ' ')

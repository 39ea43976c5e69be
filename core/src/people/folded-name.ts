/**
 * A name as it is compared: the same however its accents were typed, in capitals or not, in full width or
 * not, and with any spaces between. Accents stay: Zoë and Zoe may be two people.
 */
export function foldedName(name: string): string {
  return name
    .normalize('NFKC')
    .replace(/\p{Cc}/gu, '')
    .toUpperCase()
    .toLowerCase()
    .normalize('NFC')
    .trim()
    .replace(/\s+/gu, ' ');
}

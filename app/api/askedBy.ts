/** By what an asking is known, where it tells: one whose answer was lost may be asked again and makes nothing twice. */
export function askedBy(request: Request): string | undefined {
  const told = request.headers.get("x-asked-by");
  return told !== null && /^[0-9A-Z]{26}$/.test(told) ? told : undefined;
}

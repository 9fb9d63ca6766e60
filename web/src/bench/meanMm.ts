/** Mean of an air gap, where the output of a test has one. */
export function meanMm(output: Record<string, unknown> | null | undefined): number | undefined {
  const mean = output?.['meanMm'];
  return typeof mean === 'number' ? mean : undefined;
}

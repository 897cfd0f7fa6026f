/** The expression with a real times sign and minus. */
export const pretty = (expression: string): string =>
  expression
    .replaceAll(' * ', ' · ')
    .replaceAll(' - ', ' − ')
    .replaceAll('kappa', 'κ')
    .replaceAll('lambda', 'λ')
    .replaceAll('omega', 'ω')
    .replaceAll('rho', 'ρ')
    .replaceAll('beta', 'β');

/** The expression with a real times sign and minus, Greek letters and π. */
export const pretty = (expression: string): string =>
  expression
    .replaceAll(' * ', ' · ')
    .replaceAll(' - ', ' − ')
    .replaceAll(String(Math.PI / 4), 'π/4')
    .replaceAll(String(Math.PI), 'π')
    .replaceAll('kappa', 'κ')
    .replaceAll('lambda', 'λ')
    .replaceAll('omega', 'ω')
    .replaceAll('rho', 'ρ')
    .replaceAll('beta', 'β');

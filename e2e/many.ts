// A table of very many parts.
export const MANY = 5000
const SIZES = ['80', '92', '120', '140']

/** As many fans by one name, each a little different, as CSV. */
export const manyFans = (name: string): string =>
  'kind,maker,model,size,thickness,face,amps,lead,price\n' +
  Array.from({ length: MANY }, (_, i) =>
    [
      ...['fan', 'Kelder', `${name} ${i}`, SIZES[i % SIZES.length], 25, 'fan-4'],
      ...[`0.${10 + (i % 80)}`, 300 + (i % 400), 5 + (i % 20)],
    ].join(','),
  ).join('\n')

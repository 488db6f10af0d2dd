import type { Shapes } from '../../api/client'

/** People as the server tells of them, for tests. */
export const TAM: Shapes['Account'] = {
  id: 'a',
  login: 'tam',
  name: 'Tam',
  role: 'CREW',
  active: true,
  firstPassword: false,
}

export const IDA: Shapes['Account'] = {
  ...TAM,
  id: 'b',
  login: 'ida',
  name: 'Ida',
  role: 'KEEPER',
}

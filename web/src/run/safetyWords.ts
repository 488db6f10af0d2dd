import type { Shapes } from '../api/client'
import { texts } from '../words/words'

/** What must be true of the people before anything burns. */
export const PEOPLE = texts<Shapes['AskedPoint']['point']>({
  RESPIRATOR: 'run.safety.respirator',
  FIT: 'run.safety.fit',
  EYES: 'run.safety.eyes',
  GLOVES: 'run.safety.gloves',
  WIND: 'run.safety.wind',
  WATER: 'run.safety.water',
  BYSTANDERS: 'run.safety.bystanders',
  SKY: 'run.safety.sky',
})

/** Points of making a hive ready, in the order of doing. */
export const READY = texts<Shapes['AskedReadiness']['point']>({
  BURR_COMB: 'run.safety.burrComb',
  SUPERS: 'run.safety.supers',
  TRAY: 'run.safety.tray',
  CRACKS: 'run.safety.cracks',
  ENTRANCE: 'run.safety.entrance',
})

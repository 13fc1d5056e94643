import { createContext, useCallback, useContext, useMemo, useState, type ReactNode } from 'react'
import { fromSi, parse, print, printNumber, unitOf, type Quantity, type Unit } from './model'

/** What a figure is of; each can be read in a unit of its own. */
export type Figure = 'distance' | 'small' | 'speed' | 'mass' | 'pull' | 'temperature' | 'volume'

export const FIGURES: Record<Figure, { quantity: Quantity; choices: readonly string[]; words: string }> = {
  distance: { quantity: 'length', choices: ['METRE', 'FOOT', 'YARD', 'FATHOM'], words: 'Let-out and depth' },
  small: { quantity: 'length', choices: ['CENTIMETRE', 'INCH'], words: 'Lures, leaders and fish' },
  speed: { quantity: 'speed', choices: ['KNOT', 'MILE_PER_HOUR', 'KILOMETRE_PER_HOUR'], words: 'Speed' },
  mass: { quantity: 'mass', choices: ['KILOGRAM', 'POUND', 'OUNCE'], words: 'Weight' },
  pull: { quantity: 'force', choices: ['KILOGRAM_FORCE', 'POUND_FORCE', 'NEWTON'], words: 'Pull and drag' },
  temperature: { quantity: 'temperature', choices: ['CELSIUS', 'FAHRENHEIT'], words: 'Temperature' },
  volume: { quantity: 'volume', choices: ['LITRE', 'US_GALLON', 'IMPERIAL_GALLON'], words: 'Fuel' },
}

/** What the server calls a figure that is read in any unit of its kind. */
export const FIGURE_OF: Readonly<Record<string, Figure>> = {
  DISTANCE: 'distance',
  SMALL: 'small',
  SPEED: 'speed',
  MASS: 'mass',
  PULL: 'pull',
  TEMPERATURE: 'temperature',
}

export type UnitChoice = Record<Figure, string>

const DEFAULTS: UnitChoice = {
  distance: 'METRE',
  small: 'CENTIMETRE',
  speed: 'KNOT',
  mass: 'KILOGRAM',
  pull: 'KILOGRAM_FORCE',
  temperature: 'CELSIUS',
  volume: 'LITRE',
}

/** Whole ways of measuring, each figure of which can still be changed alone. */
export const SYSTEMS: Readonly<Record<'metric' | 'feet', UnitChoice>> = {
  metric: DEFAULTS,
  feet: {
    distance: 'FOOT',
    small: 'INCH',
    speed: 'KNOT',
    mass: 'POUND',
    pull: 'POUND_FORCE',
    temperature: 'FAHRENHEIT',
    volume: 'US_GALLON',
  },
}

export interface Units {
  choice: UnitChoice
  choose(figure: Figure, unitId: string): void
  chooseAll(choice: UnitChoice): void
  unit(figure: Figure): Unit
  /** With its symbol. */
  say(figure: Figure, si: number): string
  /** The number alone. */
  figure(figure: Figure, si: number): string
  /** SI, or null when unreadable. */
  read(figure: Figure, typed: string): number | null
}

/** Units without React: for sentences and tests. */
export function unitsOf(
  choice: UnitChoice,
  choose: Units['choose'] = () => {},
  chooseAll: Units['chooseAll'] = () => {},
): Units {
  const unit = (figure: Figure) => unitOf(FIGURES[figure].quantity, choice[figure])
  return {
    choice,
    choose,
    chooseAll,
    unit,
    say: (figure, si) => print(FIGURES[figure].quantity, si, lighter(unit(figure), si)),
    figure: (figure, si) => printNumber(FIGURES[figure].quantity, si, unit(figure)),
    read: (figure, typed) => parse(FIGURES[figure].quantity, typed, unit(figure)),
  }
}

/** What weighs little is said in the small unit of the same system. */
function lighter(unit: Unit, kg: number): Unit {
  if (unit.id === 'KILOGRAM' && kg > 0 && kg < 0.0995) return unitOf('mass', 'GRAM')
  return unit.id === 'POUND' && kg > 0 && kg < 0.9 * unit.factor ? unitOf('mass', 'OUNCE') : unit
}

/** How thick a line is: in millimetres, or in thousandths of an inch for who reads inches. */
export const sayThickness = ({ choice }: Units, metres: number): string =>
  choice.small === 'INCH' ? `${(metres / 0.0254).toFixed(3)} in` : `${(1000 * metres).toFixed(2)} mm`

/** To five digits, for a field that is typed over: what is shown and kept again is the same. */
export function exactly(units: Units, figure: Figure, si: number): string {
  const own = units.unit(figure)
  const unit =
    own.id === 'KILOGRAM' && si < 1
      ? unitOf('mass', 'GRAM')
      : own.id === 'CENTIMETRE' && si < 0.01
        ? unitOf('length', 'MILLIMETRE')
        : own
  return `${Number(fromSi(si, unit).toPrecision(5))} ${unit.symbol}`
}

export const defaultUnits = unitsOf(DEFAULTS)

const Context = createContext<Units>(defaultUnits)
export const useUnits = () => useContext(Context)

const KEY = 'moss.units'

function stored(): UnitChoice {
  try {
    const kept = JSON.parse(localStorage.getItem(KEY) ?? '{}') as Partial<UnitChoice>
    const choice = { ...DEFAULTS }
    for (const figure of Object.keys(DEFAULTS) as Figure[]) {
      const id = kept[figure]
      if (id && FIGURES[figure].choices.includes(id)) choice[figure] = id
    }
    return choice
  } catch {
    return DEFAULTS
  }
}

export function UnitsProvider({ children }: { children: ReactNode }) {
  const [choice, setChoice] = useState(stored)
  const chooseAll = useCallback((change: Partial<UnitChoice>) => {
    setChoice((before) => {
      const after = { ...before, ...change }
      localStorage.setItem(KEY, JSON.stringify(after))
      return after
    })
  }, [])
  const choose = useCallback((figure: Figure, unitId: string) => chooseAll({ [figure]: unitId }), [chooseAll])
  const units = useMemo(() => unitsOf(choice, choose, chooseAll), [choice, choose, chooseAll])
  return <Context.Provider value={units}>{children}</Context.Provider>
}

/** How the simulated oven is set and what it is like. */
export interface OvenHabits {
  readonly dialC: number;
  /** How much hotter it truly holds than its dial. */
  readonly errorC: number;
  /** Its thermostat clicks so far over and under. */
  readonly swingC: number;
  /** So many minutes go by in one. */
  readonly speed: number;
}

export const OVEN_START: OvenHabits = { dialC: 130, errorC: 12, swingC: 6, speed: 1 };
/** What each may be. */
export const OVEN_LIMITS: Readonly<Record<keyof OvenHabits, readonly [number, number]>> = {
  dialC: [40, 250],
  errorC: [-40, 40],
  swingC: [0, 30],
  speed: [1, 240],
};

const ROOM = 21;
/** Temperature an element that stays on comes to, °C, and how quickly it and the air follow, min. */
const ELEMENT = 300;
const ELEMENT_TIME = 0.5;
const AIR_TIME = 4;
/** How quickly an oven that is off loses its heat: closed, and with the door open, min. */
const CLOSED_LOSS = 35;
const OPEN_LOSS = 0.6;
/** The door is open for so long, min. */
const DOOR = 0.35;
/** Step of its time, min. */
const STEP = 0.02;
/** Longest that is caught up at once, min of its time: a machine asleep does not make it think for hours. */
const MOST_CAUGHT_UP = 600;

/** A small oven with a thermostat: it overshoots as it heats, swings about its heat, and drops when its door is opened. */
export class SimulatedOven {
  #habits = OVEN_START;
  #isOn = false;
  #airC = ROOM;
  #elementC = ROOM;
  #isHeating = false;
  #doorLeft = 0;
  #minute = 0;
  #last: number;

  /** @param now ms since 1970 */
  constructor(now: number) {
    this.#last = now;
  }

  get habits(): OvenHabits {
    return this.#habits;
  }

  get isOn(): boolean {
    return this.#isOn;
  }

  /** Minutes of its own time since it was made. */
  get minute(): number {
    return this.#minute;
  }

  /** Air in it, °C, without the noise of any thermometer. */
  get airC(): number {
    return this.#airC;
  }

  set(change: Partial<OvenHabits> & { readonly on?: boolean }, now: number): void {
    this.advance(now);
    const { on, ...habits } = change;
    this.#habits = { ...this.#habits, ...habits };
    if (on !== undefined) this.#isOn = on;
  }

  /** Lets it come to its heat in no time at all. */
  preheat(): void {
    for (let t = 0; t < 40; t += STEP) this.#step(STEP);
  }

  openDoor(now: number): void {
    this.advance(now);
    this.#doorLeft = DOOR;
  }

  /** Goes on to a time. */
  advance(now: number): void {
    const minutes = Math.max(0, Math.min(MOST_CAUGHT_UP, ((now - this.#last) / 60_000) * this.#habits.speed));
    this.#last = now;
    for (let t = 0; t < minutes - 1e-9; t += STEP) this.#step(Math.min(STEP, minutes - t));
    this.#minute += minutes;
  }

  #step(dt: number): void {
    const { dialC, errorC, swingC } = this.#habits;
    const aim = dialC + errorC;
    if (this.#airC > aim + swingC / 2) this.#isHeating = false;
    else if (this.#airC < aim - swingC / 2) this.#isHeating = true;
    const drive = this.#isOn && this.#isHeating ? ELEMENT : this.#airC;
    this.#elementC += ((drive - this.#elementC) * dt) / ELEMENT_TIME;
    const isOpen = this.#doorLeft > 0;
    this.#doorLeft = Math.max(0, this.#doorLeft - dt);
    this.#airC += ((this.#elementC - this.#airC) * dt) / AIR_TIME;
    this.#airC += ((ROOM - this.#airC) * dt) / (isOpen ? OPEN_LOSS : CLOSED_LOSS);
  }
}

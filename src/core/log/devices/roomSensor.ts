import { seededRandom } from '../../geometry/random';

/** Air at one moment; minutes of the kitchen's own clock since 1970. */
export interface AirNow {
  at: number;
  celsius: number;
  humidityShare: number;
}

/** Something that tells the air of the room. A real one would be read over the air or a cable; null when it does not answer. */
export interface RoomSensor {
  readonly name: string;
  readonly simulated: boolean;
  read(at: number): AirNow | null;
}

/** Readings come this often. */
export const READ_EVERY_MINUTES = 15;
const DAY = 1440;

/**
 * SIMULATED: warm in the afternoon, damp in the morning and while somebody cooks, a little noise; now and then it does not answer
 * for up to three hours. The same seed gives the same days.
 */
export function simulatedRoomSensor(seed = 1): RoomSensor {
  const ofDay = (day: number) => {
    const random = seededRandom(seed * 7919 + day);
    const damp = random() < 0.3 ? 0.12 : 0;
    const silentFrom = random() < 0.5 ? random() * DAY : Infinity;
    return {
      warm: 20.5 + random() * 2,
      damp,
      silentFrom,
      silentTo: silentFrom + 30 + random() * 150,
      cooks: 17.5 * 60 + random() * 90,
    };
  };
  return {
    name: 'Room sensor (simulated)',
    simulated: true,
    read(at) {
      const day = Math.floor(at / DAY);
      const minute = at - day * DAY;
      const own = ofDay(day);
      if (minute >= own.silentFrom && minute < own.silentTo) return null;
      const noise = seededRandom(seed + Math.floor(at / READ_EVERY_MINUTES));
      const turn = Math.cos(((minute - 15 * 60) / DAY) * 2 * Math.PI);
      const cooking = Math.exp(-(((minute - own.cooks) / 50) ** 2)) * 0.1;
      return {
        at,
        celsius: round(own.warm + 1.6 * turn + (noise() - 0.5) * 0.4, 1),
        humidityShare: round(Math.min(0.95, Math.max(0.2, 0.54 + own.damp - 0.06 * turn + cooking + (noise() - 0.5) * 0.02)), 3),
      };
    },
  };
}

const round = (n: number, digits: number): number => Math.round(n * 10 ** digits) / 10 ** digits;

/** Everything a sensor tells between two times; where it does not answer there is nothing. */
export function readBetween(sensor: RoomSensor, from: number, to: number): AirNow[] {
  const found: AirNow[] = [];
  for (let at = Math.ceil(from / READ_EVERY_MINUTES) * READ_EVERY_MINUTES; at <= to; at += READ_EVERY_MINUTES) {
    const air = sensor.read(at);
    if (air) found.push(air);
  }
  return found;
}

import { describe, expect, it } from 'vitest';
import { fromMinute, ProbeFileError, readProbeCsv } from './index.ts';

const lines = (...rows: string[]) => rows.join('\n');

describe('the file of a real thermometer', () => {
  it('reads comma, semicolon and tab, decimal commas, names in any order', () => {
    for (const text of [
      'minutes,temperature °C\n0,21\n1.5,80.5',
      'Temperatur °C;Zeit (min)\n21;0\n80,5;1,5'.replace('Zeit', 'time'),
      'elapsed min\tprobe\n0\t21\n1.5\t80.5',
      '0,21\n1.5,80.5',
    ])
      expect(readProbeCsv(text).trace).toEqual({ minutes: [0, 1.5], airC: [21, 80.5] });
  });

  it('reads seconds, hours, stopwatch, clock and ISO times', () => {
    const minutes = (text: string) => readProbeCsv(text).trace.minutes;
    expect(minutes('seconds,temp\n0,21\n90,80')).toEqual([0, 1.5]);
    expect(minutes('hours,temp\n0,21\n0.5,80')).toEqual([0, 30]);
    expect(minutes('time,temp\n0:00,21\n12:30,80')).toEqual([0, 12.5]);
    expect(minutes('time,temp\n10:00:00,21\n11:02:30,80')).toEqual([0, 62.5]);
    expect(minutes('time,temp\n2026-11-26T10:00:00Z,21\n2026-11-26T10:05:00Z,80')).toEqual([0, 5]);
  });

  it('takes Fahrenheit where the column says so: 212 °F is 100 °C', () => {
    const { trace, wasFahrenheit } = readProbeCsv('min,temp °F\n0,68\n1,212');
    expect(wasFahrenheit).toBe(true);
    expect(trace.airC).toEqual([expect.closeTo(20, 9), expect.closeTo(100, 9)]);
  });

  it('Fahrenheit in a Celsius column is found by what no oven for clay holds; the maker may say otherwise', () => {
    const text = lines('min,temp °C', '0,70', '5,260', '10,266', '15,268', '20,266');
    const read = readProbeCsv(text);
    expect(read.wasFahrenheit).toBe(true);
    expect(read.trace.airC.at(-1)).toBeCloseTo(130, 6);
    expect(read.says.join()).toContain('taken for °F');
    expect(readProbeCsv(text, '°C').trace.airC.at(-1)).toBe(266);
  });

  it('names gaps, lines without a number, time that goes back, and what no oven shows', () => {
    const { trace, says } = readProbeCsv(
      lines(
        'min,°C',
        '0,21',
        '1,60',
        'two,70',
        '3,',
        '2.5,75',
        '2.5,76',
        '2,70',
        '20,130',
        '21,900',
        '22,131',
      ),
    );
    expect(trace.minutes).toEqual([0, 1, 2.5, 20, 22]);
    const all = says.join('\n');
    expect(all).toContain('left out: line 4, 5');
    expect(all).toContain('goes back, left out: line 7, 8');
    expect(all).toContain('No oven shows that, left out: line 10');
    expect(all).toContain('from 3 to 20 min');
  });

  it.each([
    ['nothing', '', 'probe.empty'],
    ['no column of temperature', 'who,what\nme,you', 'probe.no-columns'],
    ['one reading', 'min,°C\n0,21', 'probe.no-readings'],
    ['words alone', 'min,°C\nlater,warm\nsoon,hot', 'probe.no-readings'],
    ['a flood', '0,21\n'.repeat(900_000), 'probe.too-long'],
  ])('refuses %s with what is wanted', (_name, text, code) => {
    expect(() => readProbeCsv(text)).toThrow(ProbeFileError);
    try {
      readProbeCsv(text);
    } catch (error) {
      expect(error).toMatchObject({ code });
      expect((error as Error).message.length).toBeGreaterThan(20);
    }
  });

  it('begins when the piece went in', () => {
    const trace = { minutes: [0, 20, 40], airC: [21, 130, 131] };
    expect(fromMinute(trace, 20)).toEqual({ minutes: [0, 20], airC: [130, 131] });
    expect(fromMinute(trace, 99).minutes).toEqual([]);
  });
});

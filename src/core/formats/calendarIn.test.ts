import { seededRandom } from '../geometry/random';
import { wallFromText } from '../days/clock';
import { busyFromCalendar, type Busy } from './calendarIn';
import { ENGLISH } from '../words/english';

const WINDOW = { from: wallFromText('2027-03-01T00:00'), to: wallFromText('2027-04-15T00:00') };
/** A kitchen an hour ahead of universal time, two from the last Sunday in March on: the clocks change at 01:00 UTC that night. */
const CHANGE = Date.UTC(2027, 2, 28, 1) / 1000;
const inKitchen = (unix: number) => unix / 60 + (unix >= CHANGE ? 120 : 60);
const calendar = (...events: string[][]) =>
  [
    'BEGIN:VCALENDAR',
    'VERSION:2.0',
    'PRODID:-//x//y//EN',
    ...events.flatMap((e) => ['BEGIN:VEVENT', 'UID:u1', ...e, 'END:VEVENT']),
    'END:VCALENDAR',
    '',
  ].join('\r\n');
const read = (text: string) => busyFromCalendar(text, WINDOW, inKitchen);
const busy = (text: string): Busy[] => {
  const result = read(text);
  if ('issues' in result) throw new Error(result.issues[0]!.why.code);
  return result.value;
};

test('an event of the kitchen’s own clock is taken as it is; one in universal time is moved, also over the night clocks change', () => {
  const own = busy(calendar(['DTSTART:20270310T180000', 'DTEND:20270310T193000', 'SUMMARY:choir']));
  expect(own).toEqual([{ from: '2027-03-10T18:00', to: '2027-03-10T19:30', name: 'choir' }]);
  const before = busy(calendar(['DTSTART:20270327T180000Z', 'DTEND:20270327T190000Z']));
  const after = busy(calendar(['DTSTART:20270328T180000Z', 'DTEND:20270328T190000Z']));
  expect([before[0]!.from, after[0]!.from]).toEqual(['2027-03-27T19:00', '2027-03-28T20:00']);
});

test('a time in a zone that the file describes is moved by what it says', () => {
  const zone = [
    'BEGIN:VTIMEZONE',
    'TZID:Somewhere',
    'BEGIN:STANDARD',
    'DTSTART:19700101T000000',
    'TZOFFSETFROM:-0500',
    'TZOFFSETTO:-0500',
    'END:STANDARD',
    'END:VTIMEZONE',
  ].join('\r\n');
  const event = calendar(['DTSTART;TZID=Somewhere:20270310T120000', 'DTEND;TZID=Somewhere:20270310T130000']);
  // noon five hours behind universal time is six in the evening of a kitchen one hour ahead of it
  const [b] = busy(event.replace('BEGIN:VEVENT', `${zone}\r\nBEGIN:VEVENT`));
  expect([b!.from, b!.to]).toEqual(['2027-03-10T18:00', '2027-03-10T19:00']);
  // a zone that it does not describe: taken as the kitchen's own clock
  expect(busy(event)[0]!.from).toBe('2027-03-10T12:00');
});

test('a rule that never ends is followed within the weeks asked for, and no further', () => {
  const weekly = busy(
    calendar(['DTSTART:20200106T180000', 'DTEND:20200106T200000', 'RRULE:FREQ=WEEKLY;BYDAY=MO', 'SUMMARY:class']),
  );
  // Mondays from 1 March to 12 April 2027
  expect(weekly.map((b) => b.from.slice(0, 10))).toEqual(
    ['03-01', '03-08', '03-15', '03-22', '03-29', '04-05', '04-12'].map((d) => `2027-${d}`),
  );
  const every = busy(
    calendar(['DTSTART:20270301T060000', 'DTEND:20270301T061500', 'RRULE:FREQ=MINUTELY']).replace('MINUTELY', 'DAILY'),
  );
  expect(every).toHaveLength(45);
});

test('what is free or cancelled is left out, a whole day is busy from midnight to midnight, an exception is honoured', () => {
  expect(busy(calendar(['DTSTART:20270310T180000', 'DTEND:20270310T190000', 'TRANSP:TRANSPARENT']))).toEqual([]);
  expect(busy(calendar(['DTSTART:20270310T180000', 'DTEND:20270310T190000', 'STATUS:CANCELLED']))).toEqual([]);
  expect(busy(calendar(['DTSTART;VALUE=DATE:20270312', 'DTEND;VALUE=DATE:20270314', 'SUMMARY:away']))).toEqual([
    { from: '2027-03-12T00:00', to: '2027-03-14T00:00', name: 'away' },
  ]);
  const without = busy(
    calendar(['DTSTART:20270302T180000', 'DTEND:20270302T190000', 'RRULE:FREQ=WEEKLY;COUNT=3', 'EXDATE:20270309T180000']),
  );
  expect(without.map((b) => b.from.slice(5, 10))).toEqual(['03-02', '03-16']);
});

test.each([
  ['no calendar', 'hello', /not a calendar file/],
  ['a contact', 'BEGIN:VCARD\r\nEND:VCARD\r\n', /holds no calendar/],
  ['cut in two', calendar(['DTSTART:20270310T180000']).slice(0, 90), /cannot be read|not a calendar file/],
  ['without a beginning', calendar(['SUMMARY:x']), /Event 1 of the calendar/],
  [
    'a rule that repeats every second for ever',
    calendar(['DTSTART:20200101T000000', 'DTEND:20200101T000001', 'RRULE:FREQ=SECONDLY']),
    /repeats too often to be followed/,
  ],
  ['larger than 4 MB', ' '.repeat(4_000_001), /larger than 4 MB/],
])('%s is refused whole, with a sentence and a place', (_what, text, why) => {
  const result = read(text);
  expect('issues' in result && ENGLISH.say(result.issues[0]!.why)).toMatch(why);
  expect('issues' in result && result.issues[0]!.path).toMatch(/^(the file|line \d+|event \d+)$/);
});

// RFC 5545 leaves such days out; the parser that we use reads 30 February as 2 March
test('a rule for a day that no year has comes back, with one time a year at the most', () => {
  const text = calendar(['DTSTART:20200101T000000', 'DTEND:20200101T010000', 'RRULE:FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=30']);
  const result = read(text);
  expect('value' in result && result.value.length).toBeLessThanOrEqual(1);
});

test('three hundred seeded mutations of a good file never crash: times or a sentence', () => {
  const good = calendar(
    ['DTSTART:20270302T180000', 'DTEND:20270302T190000', 'RRULE:FREQ=WEEKLY;COUNT=3', 'SUMMARY:a'],
    ['DTSTART;VALUE=DATE:20270312', 'DURATION:P1D'],
  );
  const random = seededRandom(11);
  for (let i = 0; i < 300; i++) {
    const letters = [...good];
    for (let k = 0; k < 1 + random() * 6; k++) {
      const at = Math.floor(random() * letters.length);
      if (random() < 0.5) letters.splice(at, 1 + Math.floor(random() * 8));
      else letters[at] = String.fromCharCode(32 + Math.floor(random() * 95));
    }
    const result = read(letters.join(''));
    if ('value' in result) for (const b of result.value) expect(b.to > b.from).toBe(true);
    else expect(ENGLISH.say(result.issues[0]!.why).length).toBeGreaterThan(10);
  }
});

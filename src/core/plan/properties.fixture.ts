import type { Shop } from '../shop';

/** Whether the shop is open at a minute, read off the wall clock by the platform's own calendar. */
export function isOpenAt(shop: Shop, minute: number): boolean {
  const fields = new Intl.DateTimeFormat('en-CA', {
    timeZone: shop.timeZone,
    weekday: 'short',
    year: 'numeric',
    month: '2-digit',
    day: '2-digit',
    hour: '2-digit',
    minute: '2-digit',
    hourCycle: 'h23',
  }).formatToParts(minute * 60000);
  const field = (type: string) => fields.find((one) => one.type === type)!.value;
  const date = `${field('year')}-${field('month')}-${field('day')}`;
  const weekday = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'].indexOf(field('weekday')) + 1;
  const ofDay = Number(field('hour')) * 60 + Number(field('minute'));
  return (
    !shop.closures.some((closure) => closure.date === date) &&
    shop.shifts.some((shift) => shift.weekday === weekday && shift.startMin <= ofDay && ofDay < shift.endMin)
  );
}

/** By this device's clock: the hour, with the day where it is another, and the year where that is. */
export function momentWords(at: number): string {
  const moment = new Date(at);
  const now = new Date();
  const time = moment.toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' });
  if (moment.toDateString() === now.toDateString()) return time;
  const isThisYear = moment.getFullYear() === now.getFullYear();
  const day = moment.toLocaleDateString('en-GB', {
    day: 'numeric',
    month: 'long',
    ...(isThisYear ? {} : { year: 'numeric' }),
  });
  return `${day}, ${time}`;
}

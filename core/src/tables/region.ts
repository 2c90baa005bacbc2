/** Parts of the world that share their pests, and the rules on them. */
export const regions = ['europe', 'north-america', 'south-america', 'africa', 'asia', 'australasia'] as const;
export type Region = (typeof regions)[number];

/** Islands in the Atlantic and what lies in no continent's zone. */
const single: Readonly<Record<string, Region>> = {
  'Atlantic/Azores': 'europe',
  'Atlantic/Canary': 'europe',
  'Atlantic/Faroe': 'europe',
  'Atlantic/Madeira': 'europe',
  'Atlantic/Reykjavik': 'europe',
  'Atlantic/Bermuda': 'north-america',
  'Atlantic/Cape_Verde': 'africa',
  'Atlantic/St_Helena': 'africa',
  'Atlantic/Stanley': 'south-america',
  'Atlantic/South_Georgia': 'south-america',
  'Pacific/Honolulu': 'north-america',
  'Pacific/Galapagos': 'south-america',
  'Pacific/Easter': 'south-america',
  'Indian/Antananarivo': 'africa',
  'Indian/Mauritius': 'africa',
  'Indian/Reunion': 'africa',
};
const byArea: Readonly<Record<string, Region>> = {
  Europe: 'europe',
  Arctic: 'europe',
  Africa: 'africa',
  Asia: 'asia',
  Indian: 'asia',
  Australia: 'australasia',
  Pacific: 'australasia',
};
/** North of this, zones of the Americas are counted to the north: Mexico and the Caribbean among them. */
const northFrom = 13;

/** The part of the world of a garden, from its IANA time zone; undefined where that says nothing ("UTC"). */
export function regionOf({ timeZone, latitude }: { timeZone: string; latitude: number }): Region | undefined {
  const [area = ''] = timeZone.split('/');
  if (area === 'America' || area === 'US' || area === 'Canada')
    return latitude >= northFrom ? 'north-america' : 'south-america';
  return single[timeZone] ?? byArea[area];
}

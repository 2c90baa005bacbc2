/** How a bed is asked for, and how its area was worked out; shared by every tool that takes a bed. */
export const bedFieldWords = {
  shape: {
    label: 'Bed',
    options: {
      rectangle: 'rectangle',
      circle: 'circle',
      L: 'L',
      outline: 'other outline',
      area: 'I know its area',
    },
  },
  length: 'Length',
  width: 'Width',
  across: 'Across',
  cutLength: 'Missing corner, length',
  cutWidth: 'Missing corner, width',
  outline: { label: 'Corners, along and across', hint: 'In order round the bed: 0,0 3,0 3,1 0,2' },
  area: 'Area',
} as const;

export const areaWorking = {
  'area-rectangle': ['Area', '{length} × {width}', '{area}'],
  'area-circle': ['Area', 'π × ({across} ÷ 2)²', '{area}'],
  'area-L': ['Area', '{length} × {width} − {cutLength} × {cutWidth}', '{area}'],
  'area-outline': ['Area', '{corners} corners, shoelace formula', '{area}'],
  'area-area': ['Area', 'as given', '{area}'],
} as const;
